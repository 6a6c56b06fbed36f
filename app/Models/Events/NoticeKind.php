<?php

declare(strict_types=1);

namespace App\Models\Events;

use OpenBaton\Core\Flow\ApprovalOutcome;

/** What somebody is told of a task or a case. */
enum NoticeKind: string
{
    /** It came to them. */
    case Got = 'got';
    /** It went from them. */
    case Lost = 'lost';
    /** They have it in place of somebody who is away. */
    case Covers = 'covers';
    /** Somebody has it in their place while they are away. */
    case Covered = 'covered';
    /** It is theirs again. */
    case Back = 'back';
    /** It went back to whoever was away. */
    case GivenBack = 'given_back';
    /** They keep what they have begun in place of somebody. */
    case Keeps = 'keeps';
    /** Whoever covered keeps it. */
    case Kept = 'kept';
    /** A rule gave it to them. */
    case Routed = 'routed';
    /** A rule took it from them. */
    case RoutedAway = 'routed_away';
    /** It is theirs to review. */
    case Reviews = 'reviews';
    /** They are named in what was said on it. */
    case Mentioned = 'mentioned';
    /** A rule tells them something about it. */
    case Told = 'told';
    /** Somebody has said something on what is theirs. */
    case Commented = 'commented';
    /** The customer has. */
    case CustomerSaid = 'customer_said';
    /** Whoever reviews it has sent it back. */
    case SentBack = 'sent_back';
    /** It is to be done soon. */
    case DueSoon = 'due_soon';
    /** It should be done by now. */
    case Late = 'late';
    /** They, or whoever says what its kind is, wanted them to think of it. */
    case Reminded = 'reminded';
    /** What they asked for, or somebody has put down for them, counts. */
    case AbsenceApproved = 'absence_approved';
    case AbsenceDeclined = 'absence_declined';
    /** What they asked others to approve is settled: yes, no, for want of people, or of an answer in time. */
    case ApprovalYes = 'approval_yes';
    case ApprovalNo = 'approval_no';
    case ApprovalNobody = 'approval_nobody';
    case ApprovalNoAnswer = 'approval_no_answer';
    /** Somebody waits for whether they approve. */
    case AnswerWanted = 'answer_wanted';
    /** Something in the house needs a lead. */
    case Alert = 'alert';

    public static function ofApproval(ApprovalOutcome $outcome): self
    {
        return match ($outcome) {
            ApprovalOutcome::Yes => self::ApprovalYes,
            ApprovalOutcome::No => self::ApprovalNo,
            ApprovalOutcome::Nobody => self::ApprovalNobody,
            ApprovalOutcome::NoAnswer, ApprovalOutcome::Withdrawn => self::ApprovalNoAnswer,
        };
    }

    /**
     * Of all that one change brings somebody they are told the weightiest: what was said to them by a rule or a person,
     * before what became of their seat, before what was said on it.
     *
     * @return int the greater, the weightier
     */
    public function weight(): int
    {
        return match ($this) {
            self::Told => 6,
            self::Mentioned => 5,
            self::SentBack => 4,
            self::Lost, self::RoutedAway => 2,
            self::Commented, self::CustomerSaid => 1,
            default => 3,
        };
    }
}
