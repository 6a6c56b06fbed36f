<?php

declare(strict_types=1);

namespace App\Http\Requests\Guides;

use App\Guides\GuideDraft;
use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Guides\Guide;
use App\Models\Guides\GuideAbout;
use App\Models\House\CustomField;
use App\Models\Tasks\TaskKind;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use OpenBaton\Core\Document\TextLimits;

/** A guide that is written, or changed. */
final class GuideRequest extends InputRequest
{
    private const MOST_LINKS = 100;

    public function authorize(): bool
    {
        return $this->user()?->can('write', Guide::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:' . TextLimits::NAME],
            'text' => ['required', 'string', 'max:' . TextLimits::GUIDE],
            'seen' => ['required', new Whole(0, 1_000_000)],
            'links' => ['array', 'list', 'max:' . self::MOST_LINKS],
            'links.*.about' => ['required', Rule::enum(GuideAbout::class)],
            'links.*.target' => ['required', 'string', 'max:' . TextLimits::NAME],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                foreach ($this->draft()->links as $number => $link) {
                    $known = match ($link['about']) {
                        GuideAbout::Kind => TaskKind::query()->where('slug', $link['target'])->exists(),
                        GuideAbout::Field => CustomField::query()->where('path', $link['target'])->exists(),
                        // Items are words, and rules come and go with rulebooks.
                        GuideAbout::Item, GuideAbout::Rule => true,
                    };
                    if (!$known) {
                        $validator->errors()->add("links.{$number}.target", 'The house has nothing of that name.');
                    }
                }
            },
        ];
    }

    public function seen(): int
    {
        return $this->integer('seen');
    }

    public function draft(): GuideDraft
    {
        $links = [];
        foreach ((array) $this->input('links', []) as $one) {
            $about = GuideAbout::tryFrom(self::textOf($one, 'about'));
            $target = self::textOf($one, 'target');
            if ($about !== null && $target !== '') {
                $links["{$about->value} {$target}"] = ['about' => $about, 'target' => $target];
            }
        }

        return new GuideDraft(
            $this->string('name')->squish()->toString(),
            $this->string('text')->toString(),
            array_values($links),
        );
    }

    private static function textOf(mixed $of, string $name): string
    {
        $text = is_array($of) ? $of[$name] ?? null : null;

        return is_string($text) ? trim($text) : '';
    }
}
