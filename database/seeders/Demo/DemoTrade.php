<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** The trade of Alder & Quill: kinds of task, fields, places, customers. */
final class DemoTrade
{
    /** Name, usual minutes, guide. */
    public const KINDS = [
        'call-back' => [
            'Call back',
            20,
            'Call within the day. Note what was agreed and when they want to hear from us again.',
        ],
        'quote' => [
            'Quote',
            45,
            'Look up the hire list. Give two prices: by the term and by the year. Send it with the fitting dates.',
        ],
        'fitting' => [
            'Fitting',
            60,
            'Measure the player with the instrument in hand. Try one size up and one down. Write the chosen size ' .
            'on the card.',
        ],
        'diagnosis' => [
            'Diagnosis',
            40,
            'Play it first. List each fault with the time it takes. Photograph what was there on arrival.',
        ],
        'bench-repair' => [
            'Bench repair',
            150,
            'Check the diagnosis against the instrument. Order parts before opening it. Play-test when done and ' .
            'note the time spent.',
        ],
        'rush-repair' => [
            'Rush repair',
            90,
            'Do only what makes it playable. Write down what is left for a later visit.',
        ],
        'quality-check' => [
            'Quality check',
            30,
            'Check against the diagnosis, line by line. Anything that fails goes back with a photograph.',
        ],
        'rework' => ['Rework', 60, 'Read the note of the check. Mend what it names and nothing else.'],
        'insurer-claim' => [
            'Insurer claim',
            50,
            'Claim form, invoice and photographs, in one message. Note the claim number on the task.',
        ],
        'tuning-visit' => [
            'Tuning visit',
            90,
            'Confirm the day before. Tune to 440 unless the card says otherwise. Leave the card signed.',
        ],
        'return-inspection' => [
            'Return inspection',
            30,
            'Compare with the photographs of the hire. List what is missing or worn.',
        ],
        'hire' => [
            'Hire',
            15,
            'Stands for an instrument that is out. It waits until the end of the hire; move the end on the ' .
            'customer when they keep it longer.',
        ],
        'approval' => ['Approval', 10, 'Look at the diagnosis and the price. Say yes or no to whoever repairs it.'],
        'stock-count' => ['Stock count', 120, 'Count shelf by shelf, top to bottom. Write down what is in repair.'],
        'invoice' => ['Invoice', 15, 'Check the address and the term. Send it the same day.'],
    ];

    /** Fields of the house that tasks of each kind have, in the order of their forms. */
    public const ASKS = [
        'call-back' => ['language'],
        'quote' => ['language', 'needed'],
        'fitting' => ['instrument', 'language', 'needed'],
        'diagnosis' => self::OF_REPAIRS,
        'bench-repair' => self::OF_REPAIRS,
        'rush-repair' => ['rush', ...self::OF_REPAIRS],
        'quality-check' => self::OF_REPAIRS,
        'rework' => self::OF_REPAIRS,
        'insurer-claim' => ['family', 'instrument', 'value', 'cost'],
        'tuning-visit' => ['instrument', 'needed', 'language'],
        'return-inspection' => ['family', 'instrument', 'value'],
        'hire' => ['family', 'instrument', 'value'],
        'approval' => ['family', 'instrument', 'value', 'cost', 'repaired_by'],
        'stock-count' => [],
        'invoice' => ['cost'],
    ];

    private const OF_REPAIRS = ['family', 'instrument', 'value', 'needed', 'cost', 'repaired_by'];

    /** What the web form offers. */
    public const ON_THE_FORM = [
        'bench-repair' => 'A repair',
        'rush-repair' => 'A rush repair',
        'quote' => 'The price of a hire',
        'call-back' => 'A call back',
        'tuning-visit' => 'A tuning visit',
        'fitting' => 'A fitting',
    ];

    public const TIERS = ['ensemble' => 'Ensemble', 'school' => 'School', 'private' => 'Private'];

    /** From the top of the tree down. */
    public const LEVELS = ['region' => 'Region', 'district' => 'District'];

    public const FAMILIES = [
        'brass' => 'Brass',
        'woodwind' => 'Woodwind',
        'strings' => 'Strings',
        'keys' => 'Keys and electronics',
    ];

    public const INSTRUMENTS = [
        'brass' => ['trumpet', 'French horn', 'trombone', 'tuba', 'cornet', 'euphonium', 'flugelhorn'],
        'woodwind' => ['clarinet', 'flute', 'oboe', 'bassoon', 'alto saxophone', 'piccolo'],
        'strings' => ['violin', 'viola', 'cello', 'double bass'],
        'keys' => ['upright piano', 'stage piano', 'accordion', 'harmonium', 'spinet'],
    ];

    public const FAULTS = [
        'brass' => ['stuck valve', 'dented bell', 'frozen slide', 'leaking water key', 'worn valve felts'],
        'woodwind' => ['leaking pads', 'bent key', 'cracked tenon', 'loose springs', 'worn corks'],
        'strings' => ['open seam', 'bow rehair', 'fallen soundpost', 'worn fingerboard', 'split peg box'],
        'keys' => ['sticking keys', 'dead keys', 'broken hammer', 'buzzing pedal', 'failed output board'],
    ];

    public const REGIONS = [
        'north-shore' => [
            'North Shore',
            ['port-selwyn' => 'Port Selwyn', 'carrow-head' => 'Carrow Head', 'skerry-bay' => 'Skerry Bay'],
        ],
        'lowlands' => [
            'Lowlands',
            ['millrace' => 'Millrace', 'ashford-green' => 'Ashford Green', 'tarn-cross' => 'Tarn Cross'],
        ],
        'islands' => [
            'Islands',
            ['greater-sulla' => 'Greater Sulla', 'lesser-sulla' => 'Lesser Sulla', 'the-holms' => 'The Holms'],
        ],
    ];

    /** Responsible person and deputy of each district. */
    public const DISTRICT_PEOPLE = [
        'port-selwyn' => ['viktor-hale', 'bashir-noorzai'],
        'carrow-head' => ['viktor-hale', 'aroha-tane'],
        'skerry-bay' => ['aroha-tane', 'viktor-hale'],
        'millrace' => ['aroha-tane', 'bashir-noorzai'],
        'ashford-green' => ['bashir-noorzai', 'aroha-tane'],
        'tarn-cross' => ['bashir-noorzai', 'viktor-hale'],
        'greater-sulla' => ['aroha-tane', 'viktor-hale'],
        'lesser-sulla' => ['viktor-hale', 'bashir-noorzai'],
        'the-holms' => ['bashir-noorzai', 'aroha-tane'],
    ];

    public const SCHOOL_NAMES = [
        'Primary School',
        'Community School',
        'Grammar School',
        'Music School',
        'Girls\' School',
    ];

    public const ENSEMBLES = [
        'Port Selwyn Brass',
        'Selwyn Youth Orchestra',
        'Carrow Silver Band',
        'The Holms Ceilidh Band',
        'Millrace Wind Quintet',
        'Tarn Cross Players',
        'Sulla Chamber Choir',
        'Ashford Sinfonietta',
    ];

    public const FIRST_NAMES = [
        'Ada',
        'Bram',
        'Cleo',
        'Dara',
        'Edda',
        'Fintan',
        'Gwen',
        'Hal',
        'Isla',
        'Jory',
        'Keir',
        'Lotte',
        'Maeve',
        'Niall',
        'Orla',
        'Pavel',
        'Runa',
        'Senan',
        'Tilda',
        'Una',
    ];

    public const LAST_NAMES = [
        'Archer',
        'Birch',
        'Colley',
        'Darrow',
        'Eskdale',
        'Fenn',
        'Garrick',
        'Holt',
        'Imrie',
        'Kells',
    ];

    /** Name and items. */
    public const CHECKLISTS = [
        'bench-check' => [
            'Before it leaves the bench',
            ['Photograph it as it came', 'Parts are on the card', 'Play-tested', 'Time noted'],
        ],
    ];
    /** What reviewers find, and what people say. */
    public const SENT_BACK = [
        'It still buzzes on the low notes.',
        'The case was not cleaned.',
        'Second key sits too high.',
        'The photograph of the finished work is missing.',
        'It slips out of tune within ten minutes.',
    ];
    public const SAID = [
        'The part is ordered, it comes on Thursday.',
        'The customer asks whether it can be had by the weekend.',
        'Left a message; they call back.',
        'It is worse inside than it looked.',
        'Can somebody lend me the small mandrel?',
        'The school wants one invoice for both.',
    ];
    public const WAITED_FOR = ['Parts to come', 'An answer of the customer', 'Approval of the price', 'Glue to set'];
}
