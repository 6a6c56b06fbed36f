import type { PersonRef } from '../PersonRef';

/** Somebody who is asked. */
export type ApprovalPlace = {
    for: PersonRef;
    /** who answers: they, or somebody in their place; null: nobody can */
    by: PersonRef | null;
    /** null: not yet */
    vote: 'yes' | 'no' | null;
    reason: string | null;
    at: string | null;
    /** their answer is wanted now */
    asked: boolean;
};

/** A yes or no that some people have to give on a task or a case. */
export type ApprovalLine = {
    id: string;
    name: string;
    details: string | null;
    way: 'one_of' | 'all' | 'at_least' | 'in_order';
    /** how many have to say yes */
    least: number;
    /** null: a rule asked for it */
    by: PersonRef | null;
    at: string;
    latest: string | null;
    outcome: 'yes' | 'no' | 'nobody' | 'no_answer' | 'withdrawn' | null;
    settledAt: string | null;
    places: ApprovalPlace[];
    /** remind of it, take it back */
    mayChange: boolean;
};

/** What somebody is to answer, with what is to be approved. */
export type AskedApproval = ApprovalLine & {
    of: {
        href: string;
        isCase: boolean;
        number: number;
        title: string;
        customer: string | null;
        description: string | null;
        facts: { label: string; value: string }[];
        /** whoever looks may open it */
        seen: boolean;
    };
    /** whoever looks is to answer */
    mine: boolean;
};
