<?php

declare(strict_types=1);

namespace App\Models\Events;

/** Sorts of news, as people choose by which other means they want to hear of them. */
enum NewsSort: string
{
    case Given = 'given';
    case SentBack = 'sent_back';
    case Taken = 'taken';
    case Cover = 'cover';
    case Mentioned = 'mentioned';
    case Commented = 'commented';
    case Told = 'told';
    case DueSoon = 'due_soon';
    case Late = 'late';
    case Reminded = 'reminded';
    case Absence = 'absence';
    case Alert = 'alert';
    /** In the morning, instead of what came in the night. */
    case Summary = 'summary';

    public static function of(NoticeKind $kind): self
    {
        return match ($kind) {
            NoticeKind::Got, NoticeKind::Routed, NoticeKind::Reviews => self::Given,
            NoticeKind::Lost, NoticeKind::RoutedAway => self::Taken,
            NoticeKind::Covers,
            NoticeKind::Covered,
            NoticeKind::Back,
            NoticeKind::GivenBack,
            NoticeKind::Keeps,
            NoticeKind::Kept
                => self::Cover,
            NoticeKind::Mentioned => self::Mentioned,
            NoticeKind::Told,
            NoticeKind::ApprovalYes,
            NoticeKind::ApprovalNo,
            NoticeKind::ApprovalNobody,
            NoticeKind::ApprovalNoAnswer
                => self::Told,
            NoticeKind::Commented, NoticeKind::CustomerSaid => self::Commented,
            NoticeKind::SentBack => self::SentBack,
            NoticeKind::DueSoon => self::DueSoon,
            NoticeKind::Late => self::Late,
            NoticeKind::Reminded, NoticeKind::AnswerWanted => self::Reminded,
            NoticeKind::AbsenceApproved, NoticeKind::AbsenceDeclined => self::Absence,
            NoticeKind::Alert => self::Alert,
        };
    }
}
