export type Remedy = {
    kind: 'move_above' | 'take_out_rule' | 'take_out_part' | 'make_all';
    /** id of a rule, or a pointer into the document of the rule */
    at: string;
    label: string;
};

/** rule: id; null: it is about all rules. pointers: into the document of the rule, the words it is about. */
export type Finding = {
    signature: string;
    kind: string;
    certainty: 'certain' | 'likely' | 'note';
    rule: string | null;
    name: string | null;
    others: string[];
    pointers: string[];
    say: string;
    do: string;
    press: Remedy | null;
    aside: { reason: string; by: string | null; at: string } | null;
};

export type FindingsViewProps = { findings: Finding[]; more: number };
