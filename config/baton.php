<?php

declare(strict_types=1);

return [
    // Names under which the application is reached, without ports; none: that of APP_URL. "*": whatever is asked for.
    'hosts' => array_values(array_filter(explode(',', (string) env('BATON_HOSTS', '')))),

    // Addresses or networks of proxies that stand before it and end TLS; "*": whoever asks is one.
    'proxies' => (string) env('BATON_PROXIES', ''),

    // The locale of the house, of resources/words/locales.json; people may choose another for themselves.
    'locale' => env('BATON_LOCALE', 'en-IE'),

    // Whether two made-up locales are offered, to see what is not said by the words, has no room, or does not turn.
    'made_up_locales' => (bool) env('BATON_MADE_UP_LOCALES', false),

    // The currency in which money is shown; amounts are kept in hundredths of it.
    // Which mailer of the framework takes mails: the stand-in keeps them.
    'message_mailer' => env('BATON_MESSAGE_MAILER', 'stand-in'),

    'currency' => env('BATON_CURRENCY', 'EUR'),

    // Whether members may bring tasks in by hand; leads may.
    'members_create' => (bool) env('BATON_MEMBERS_CREATE', true),

    // Files on tasks: how large, and which kinds. What is not listed is refused, by its content as by its name.
    'files' => [
        'most_kilobytes' => (int) env('BATON_FILE_KILOBYTES', 10_240),
        'types' => [
            'jpg' => 'picture',
            'jpeg' => 'picture',
            'png' => 'picture',
            'gif' => 'picture',
            'webp' => 'picture',
            'pdf' => 'document',
            'txt' => 'document',
            'csv' => 'document',
            'docx' => 'document',
            'xlsx' => 'document',
            'mp3' => 'recording',
            'wav' => 'recording',
        ],
    ],

    // How far back the coverage of rules and of a draft look, in days.
    'recent_days' => 28,

    // Seconds after which a draft that is still being read is refused.
    'draft_seconds' => 10,

    // Where the calendar of the personnel office is read; empty: from the stand-in that ships.
    'personnel_calendar' => env('BATON_PERSONNEL_CALENDAR'),

    // Weeks after the end of a task in which whoever asked for it still sees it under their address.
    'customer_weeks' => (int) env('BATON_CUSTOMER_WEEKS', 4),

    // Requests a minute from one address, by what is asked for.
    'throttle' => [
        'invitation' => (int) env('BATON_THROTTLE_INVITATION', 20),
        'calendar' => (int) env('BATON_THROTTLE_CALENDAR', 60),
        'customer' => (int) env('BATON_THROTTLE_CUSTOMER', 30),
        'web_form' => (int) env('BATON_THROTTLE_WEB_FORM', 20),
        'api' => (int) env('BATON_THROTTLE_API', 1200),
    ],
];
