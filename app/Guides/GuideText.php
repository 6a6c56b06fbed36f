<?php

declare(strict_types=1);

namespace App\Guides;

use App\Models\Guides\GuidePicture;
use League\CommonMark\Environment\Environment;
use League\CommonMark\Event\DocumentParsedEvent;
use League\CommonMark\Extension\Autolink\AutolinkExtension;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Extension\CommonMark\Node\Block\Heading;
use League\CommonMark\Extension\CommonMark\Node\Inline\Image;
use League\CommonMark\Extension\ExternalLink\ExternalLinkExtension;
use League\CommonMark\Extension\Strikethrough\StrikethroughExtension;
use League\CommonMark\MarkdownConverter;
use League\CommonMark\Node\Inline\Text;

/**
 * The Markdown of a guide as HTML that does nothing but say something: markup in it is left out, links lead nowhere
 * that runs, and pictures are those of the house alone, so that nobody outside learns who reads.
 */
final class GuideText
{
    /** Headings of a guide stand below those of the page that shows it. */
    private const BELOW = 2;

    private const DEEPEST = 6;

    private readonly MarkdownConverter $converter;

    public function __construct()
    {
        $environment = new Environment([
            'html_input' => 'strip',
            'allow_unsafe_links' => false,
            'max_nesting_level' => 50,
            'max_delimiters_per_line' => 200,
            'external_link' => ['open_in_new_window' => true, 'noopener' => 'external', 'noreferrer' => 'external'],
        ]);
        $environment->addExtension(new CommonMarkCoreExtension());
        $environment->addExtension(new AutolinkExtension());
        $environment->addExtension(new StrikethroughExtension());
        $environment->addExtension(new ExternalLinkExtension());
        $environment->addEventListener(DocumentParsedEvent::class, self::settle(...));
        $this->converter = new MarkdownConverter($environment);
    }

    public function html(string $markdown): string
    {
        return trim($this->converter->convert($markdown)->getContent());
    }

    private static function settle(DocumentParsedEvent $event): void
    {
        $foreign = [];
        foreach ($event->getDocument()->iterator() as $node) {
            if ($node instanceof Heading) {
                $node->setLevel(min(self::DEEPEST, $node->getLevel() + self::BELOW));
            } elseif ($node instanceof Image && !self::isOfTheHouse($node->getUrl())) {
                $foreign[] = $node;
            }
        }
        foreach ($foreign as $image) {
            $image->replaceWith(new Text($image->getTitle() ?? $image->getUrl()));
        }
    }

    private static function isOfTheHouse(string $url): bool
    {
        return preg_match('~^' . preg_quote(GuidePicture::PATH, '~') . '[0-9a-z]{26}$~', $url) === 1;
    }
}
