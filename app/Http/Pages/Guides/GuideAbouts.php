<?php

declare(strict_types=1);

namespace App\Http\Pages\Guides;

use App\Fields\KnownKind;
use App\Http\Viewer;
use App\Models\Guides\Guide;
use App\Models\Guides\GuideAbout;
use App\Models\Guides\GuideLink;
use App\Models\House\CustomField;
use App\Models\Tasks\Checklist;

/** What guides can be about, in the words of the house. */
final readonly class GuideAbouts
{
    public function __construct(private Viewer $viewer) {}

    /** @return list<array{about: string, target: string, label: string}> */
    public function of(Guide $guide): array
    {
        return array_values($guide->links->map($this->link(...))->all());
    }

    /** @return array{about: string, target: string, label: string} */
    private function link(GuideLink $link): array
    {
        return [
            'about' => $link->about->value,
            'target' => $link->target,
            'label' => match ($link->about) {
                GuideAbout::Kind => $this->viewer->snapshot()->kindNamed($link->target)->name ?? $link->target,
                GuideAbout::Field => $this->viewer->words()->field($link->target),
                GuideAbout::Item => $link->target,
                GuideAbout::Rule => $this->viewer->ruleNames()[$link->target] ?? $link->target,
            },
        ];
    }

    /** @return array<string, list<array{value: string, label: string}>> by what it is */
    public function choices(): array
    {
        $items = Checklist::query()
            ->get()
            ->flatMap(static fn(Checklist $one): array => array_filter((array) $one->items, is_string(...)))
            ->unique();
        $rules = $this->viewer->ruleNames();

        return [
            GuideAbout::Kind->value => array_map(
                static fn(KnownKind $kind): array => ['value' => $kind->slug, 'label' => $kind->name],
                array_values($this->viewer->snapshot()->kinds),
            ),
            GuideAbout::Field->value => array_values(
                CustomField::query()
                    ->orderBy('label')
                    ->get()
                    ->map(static fn(CustomField $one): array => ['value' => $one->path, 'label' => $one->label])
                    ->all(),
            ),
            GuideAbout::Item->value => array_values(
                $items->map(static fn(string $one): array => ['value' => $one, 'label' => $one])->all(),
            ),
            GuideAbout::Rule->value => array_map(
                static fn(string $id, string $name): array => ['value' => $id, 'label' => $name],
                array_map(strval(...), array_keys($rules)),
                array_values($rules),
            ),
        ];
    }
}
