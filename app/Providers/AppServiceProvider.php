<?php

declare(strict_types=1);

namespace App\Providers;

use App\Access\SessionRows;
use App\Approvals\KeepApprovals;
use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
use App\Bridge\TextWords;
use App\Cases\CasesTable;
use App\Clock\FindNextMoments;
use App\Coverage\BeginCoverage;
use App\Customers\CustomersTable;
use App\Database\TableBlueprint;
use App\DomainEvents\HandOut;
use App\Duties\DutiesTable;
use App\Explain\TextWordsOfHouse;
use App\Fields\CustomerFields;
use App\Fields\PlaceFields;
use App\Fields\TaskFields;
use App\House\PlacesTable;
use App\Http\Viewer;
use App\Intake\TasksTable;
use App\Listeners\TellAdministrators;
use App\Messages\PrepareMessages;
use App\Messages\StandIns\MailStandIn;
use App\Models\Access\AccessToken;
use App\Models\Access\User;
use App\Models\House\House;
use App\Models\Recorded;
use App\Models\Reminders\Reminder;
use App\Notices\WriteNotices;
use App\People\RosterImported;
use App\Reminders\KeepReminders;
use App\Reminders\WorkOutReminders;
use App\Rules\DraftSaved;
use App\Rules\RulebookPublished;
use App\Runsheets\KeepRuns;
use App\Tables\ImportKinds;
use App\Tasks\RetryUnplacedTasks;
use App\Words\Locales;
use App\Words\ValidationLines;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\JobFailed;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Validator as ValidatesRules;
use Laravel\Sanctum\Sanctum;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(Blueprint::class, TableBlueprint::class);
        $this->app->scoped(SnapshotSource::class);
        $this->app->scoped(RulebookReader::class);
        $this->app->scoped(Viewer::class);
        // In the language of whoever is signed in; what rules write for everybody in that of the house.
        $this->app->scoped(Words::class, static function (): Words {
            $user = auth()->user();

            return new Words(Locales::chosen($user instanceof User ? $user->locale : null));
        });
        // What everybody gets the same, such as the kept snapshot of the house, is in its language.
        $this->app
            ->when([TextWordsOfHouse::class, TaskFields::class, CustomerFields::class, PlaceFields::class])
            ->needs(Words::class)
            ->give(static fn(): Words => new Words());
        $this->app
            ->when(HandOut::class)
            ->needs('$consumers')
            ->give([
                WriteNotices::class,
                PrepareMessages::class,
                KeepReminders::class,
                KeepApprovals::class,
                KeepRuns::class,
            ]);
        $this->app
            ->when(ImportKinds::class)
            ->needs('$kinds')
            ->give([
                CustomersTable::class,
                PlacesTable::class,
                TasksTable::class,
                CasesTable::class,
                DutiesTable::class,
            ]);
        $this->app->bind(TextWords::class, TextWordsOfHouse::class);
        $this->app->extend('translation.loader', static fn(): ValidationLines => new ValidationLines());
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        Relation::enforceMorphMap(Recorded::MODELS);
        $proxies = config()->string('baton.proxies');
        TrustProxies::at($proxies === '*' ? '*' : array_values(array_filter(explode(',', $proxies))));
        TrustProxies::withHeaders(Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO);
        self::listen();
        Session::extend(
            'database',
            static fn(): SessionRows => new SessionRows(
                DB::connection(),
                'sessions',
                config()->integer('session.lifetime'),
                app(),
            ),
        );
        // What requests say of what is wrong goes through the words, whatever they say it of.
        Validator::resolver(static function (
            Translator $translator,
            array $data,
            array $rules,
            array $messages,
            array $names,
        ): ValidatesRules {
            $translator->setLocale(app(Words::class)->locale->tag);

            return new ValidatesRules($translator, $data, $rules, self::inWords($messages), $names);
        });
        Mail::extend('stand-in', static fn(): MailStandIn => new MailStandIn());
        Sanctum::usePersonalAccessTokenModel(AccessToken::class);
        // Lazy loading is how N+1 queries begin; outside of production it is an error.
        Model::preventLazyLoading(!$this->app->isProduction());
        // There nobody listens to each query either, and to tell nobody of twenty of them takes time.
        if ($this->app->isProduction()) {
            DB::connection()->unsetEventDispatcher();
        }

        foreach (['web-form', 'customer', 'invitation', 'calendar'] as $address) {
            RateLimiter::for(
                $address,
                static fn(Request $request): Limit => self::limit($address, (string) $request->ip()),
            );
        }
        RateLimiter::for('api', static fn(Request $request): Limit => self::limit('api', self::bearer($request)));
    }

    /**
     * @param array<mixed> $messages
     *
     * @return array<mixed>
     */
    private static function inWords(array $messages): array
    {
        $words = app(Words::class);

        return array_map(static fn(mixed $one): mixed => is_string($one) ? $words->sentence($one) : $one, $messages);
    }

    private static function limit(string $address, string $who): Limit
    {
        return Limit::perMinute(config()->integer('baton.throttle.' . str_replace('-', '_', $address)))->by($who);
    }

    private static function listen(): void
    {
        self::afterwards(
            [DraftSaved::class],
            static fn(DraftSaved $event) => app(BeginCoverage::class)->handleDraft($event),
        );
        self::afterwards(
            [RulebookPublished::class],
            static fn(RulebookPublished $event) => app(BeginCoverage::class)->handlePublished($event),
        );
        self::afterwards(
            [RulebookPublished::class, RosterImported::class],
            static fn(RulebookPublished|RosterImported $event) => app(FindNextMoments::class)->handle($event),
        );
        self::afterwards([RosterImported::class], static function (RosterImported $event): void {
            if (Reminder::query()->exists()) {
                WorkOutReminders::dispatch($event->at);
            }
        });
        self::afterwards([RulebookPublished::class], static fn() => app(RetryUnplacedTasks::class)->handle());
        Event::listen(JobFailed::class, [TellAdministrators::class, 'handle']);
        // A worker that has done a job, or has none, looks for what has happened meanwhile.
        Event::listen(Looping::class, static fn(): mixed => rescue(static fn() => app(HandOut::class)()));
    }

    /**
     * What comes after a commit is reported where it fails, and is not the failure of the request that has committed.
     *
     * @param list<class-string> $events
     */
    private static function afterwards(array $events, Closure $listener): void
    {
        Event::listen($events, static fn(object $event): mixed => rescue(static fn(): mixed => $listener($event)));
    }

    /** Who asks, however the same token is spelled; somebody who is not known goes by their machine. */
    private static function bearer(Request $request): string
    {
        $user = $request->user();
        $token = $user instanceof User ? $user->currentAccessToken() : null;

        return $token instanceof AccessToken ? "token {$token->id}" : (string) $request->ip();
    }
}
