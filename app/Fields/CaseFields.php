<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\Cases\Track;
use App\Models\House\House;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\CaseFields as Cases;

/** What every case has, in a house that has tracks; a task in a case sees it as well. */
final readonly class CaseFields implements FieldProvider
{
    public function __construct(private Words $words) {}

    public function fields(House $house): array
    {
        $tracks = Track::query()->whereNotNull('published_id')->with('published')->orderBy('position')->get();
        if ($tracks->isEmpty()) {
            return [];
        }
        $options = [Cases::TRACK => [], Cases::STAGE => [], Cases::OUTCOME => []];
        $retired = [];
        foreach ($tracks as $track) {
            $document = Node::root($track->published->document ?? []);
            $options[Cases::TRACK][$track->slug] = $track->name;
            foreach ($document->itemsOf('stages') as $stage) {
                $value = Cases::ofTrack($track->slug, $stage->get('key')->text());
                $options[Cases::STAGE][$value] = $this->named($track->name, $stage->get('name')->text());
                if ($stage->find('retired')?->bool() === true) {
                    $retired[] = $value;
                }
            }
            foreach ($document->itemsOf('outcomes') as $outcome) {
                $value = Cases::ofTrack($track->slug, $outcome->get('key')->text());
                $options[Cases::OUTCOME][$value] = $this->named($track->name, $outcome->get('label')->text());
            }
        }
        $fields = [$this->field(Cases::NUMBER, FieldType::Number), $this->field(Cases::TITLE, FieldType::Text)];
        foreach (Cases::TYPES as $path => $type) {
            $fields[] = $this->field($path, $type, $options[$path] ?? [], $path === Cases::STAGE ? $retired : []);
        }

        return $fields;
    }

    /** Those of a task's case follow from the case itself. */
    public function values(TaskContent $task, FieldContext $context): array
    {
        return [];
    }

    /**
     * @param array<string, string> $options
     * @param list<string>          $retired
     */
    private function field(string $path, FieldType $type, array $options = [], array $retired = []): Field
    {
        return new Field($path, $this->words->say("field.{$path}"), $type, $options, false, $retired);
    }

    /** A stage or an outcome, after its track. */
    private function named(string $track, string $name): string
    {
        return $this->words->say('case.of_track', ['track' => $track, 'name' => $name]);
    }
}
