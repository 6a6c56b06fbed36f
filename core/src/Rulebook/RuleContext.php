<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Subject\SubjectKind;

/** What rules are read against: the kinds of parts there are, and what the house has that they may name. */
final readonly class RuleContext
{
    /**
     * @param Roster|null        $roster        null: whom and what the rules name is not checked
     * @param TaskCatalogue|null $taskCatalogue likewise
     * @param FieldCatalogue|null $all          of whatever there is, where $fields are those of one kind of subject
     */
    public function __construct(
        public KindRegistry $kinds,
        public FieldCatalogue $fields,
        public ?Roster $roster = null,
        public ?TaskCatalogue $taskCatalogue = null,
        private ?FieldCatalogue $all = null,
        public SubjectKind $about = SubjectKind::Task,
    ) {}

    /** A field of whatever there is, the tasks that a rule about cases makes among it. */
    public function anyField(string $path): ?Field
    {
        return ($this->all ?? $this->fields)->find($path);
    }

    /** The same for what is said of a task that is made, whatever it is made for. */
    public function ofTasks(): self
    {
        return new self($this->kinds, $this->all ?? $this->fields, $this->roster, $this->taskCatalogue);
    }

    /** The same with other fields. */
    public function withFields(FieldCatalogue $fields): self
    {
        return new self($this->kinds, $fields, $this->roster, $this->taskCatalogue, $this->all, $this->about);
    }

    /**
     * What rules about one kind of subject are read against: a case has no task whose fields they may name, a customer
     * no case, and the house nothing but the moment.
     */
    public function about(SubjectKind $about): self
    {
        $fields = match ($about) {
            SubjectKind::Task => $this->fields,
            SubjectKind::Matter => $this->fields->without(StateFields::PREFIX),
            SubjectKind::Customer => $this->fields->without(StateFields::PREFIX, CaseFields::PREFIX),
            SubjectKind::House => $this->fields->without(''),
        };

        return $about === SubjectKind::Task
            ? $this
            : new self($this->kinds, $fields, $this->roster, $this->taskCatalogue, $this->fields, $about);
    }
}
