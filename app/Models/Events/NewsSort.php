<?php

declare(strict_types=1);

namespace App\Models\Events;

/** Sorts of news, as people choose by which other means they want to hear of them. */
enum NewsSort: string
{
    case Given = 'given';
    case Taken = 'taken';
    case Cover = 'cover';
    case Mentioned = 'mentioned';
    case Told = 'told';

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
            NoticeKind::Told => self::Told,
        };
    }
}
