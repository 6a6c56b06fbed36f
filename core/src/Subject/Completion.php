<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** What has to be there before a task is completed, or sent to be reviewed. */
final readonly class Completion
{
    public const FILE = 'file';
    public const CHECKLIST = 'checklist';
    public const NOTE = 'note';

    /**
     * @param bool         $file      something is attached
     * @param bool         $checklist all of its checklist is ticked; where it has none, nothing is missing
     * @param bool         $note      whoever completes it says a word
     * @param list<string> $fields    paths of fields that have a value
     */
    public function __construct(
        public bool $file = false,
        public bool $checklist = false,
        public bool $note = false,
        public array $fields = [],
    ) {}

    /** Whether anything has to be there at all. */
    public function asks(): bool
    {
        return $this->file || $this->checklist || $this->note || $this->fields !== [];
    }

    /**
     * @param string|null $note that is said with it
     *
     * @return list<string> what is missing: FILE, CHECKLIST, NOTE, or the path of a field
     */
    public function missing(TaskSubject $subject, ?string $note): array
    {
        return [
            ...$this->checklist && $subject->openItems() > 0 ? [self::CHECKLIST] : [],
            ...$this->file && $subject->files === 0 ? [self::FILE] : [],
            ...array_values(
                array_filter(
                    $this->fields,
                    static fn(string $path): bool => in_array($subject->fields[$path] ?? null, [null, '', []], true),
                ),
            ),
            ...$this->note && trim((string) $note) === '' ? [self::NOTE] : [],
        ];
    }

    /** @param mixed $kept as write() gives it */
    public static function read(mixed $kept): self
    {
        $kept = is_array($kept) ? $kept : [];
        $fields = is_array($kept['fields'] ?? null) ? $kept['fields'] : [];

        return new self(
            ($kept[self::FILE] ?? false) === true,
            ($kept[self::CHECKLIST] ?? false) === true,
            ($kept[self::NOTE] ?? false) === true,
            array_values(array_filter($fields, is_string(...))),
        );
    }

    /** @return array{file: bool, checklist: bool, note: bool, fields: list<string>} for JSON */
    public function write(): array
    {
        return [
            self::FILE => $this->file,
            self::CHECKLIST => $this->checklist,
            self::NOTE => $this->note,
            'fields' => $this->fields,
        ];
    }
}
