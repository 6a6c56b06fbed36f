<?php

declare(strict_types=1);

namespace Tests\Support;

/** What is asked of a page by scripts in it. */
trait AsksThePage
{
    /** Waits until nothing on the page has changed or moved for a moment. */
    public function settled(): void
    {
        $this->browser->executeAsyncScript(
            <<<'JS'
            const done = arguments[arguments.length - 1];
            const begun = performance.now();
            let changed = begun;
            const watch = new MutationObserver(() => (changed = performance.now()));
            watch.observe(document, { subtree: true, childList: true, attributes: true, characterData: true });
            const look = () => {
                const now = performance.now();
                const moves = document.getAnimations().some((one) => one.playState === 'running');
                if ((!moves && document.readyState === 'complete' && now - changed > 200) || now - begun > 5000) {
                    watch.disconnect();
                    done();
                } else setTimeout(look, 20);
            };
            look();
            JS
            ,
        );
    }

    private const EVERYTHING = [
        'type' => 'tag',
        'values' => ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
    ];

    private const COLOURS = ['type' => 'rule', 'values' => ['color-contrast', 'link-in-text-block']];

    /** What axe-core finds wrong with the page as it is, or with its colours. */
    public function axe(bool $coloursOnly = false): string
    {
        static $source = null;
        $source ??= (string) file_get_contents(base_path('node_modules/axe-core/axe.min.js'));
        if ($this->browser->executeScript('return typeof axe') === 'undefined') {
            $this->browser->executeScript($source);
        }
        $found = $this->browser->executeAsyncScript(
            <<<'JS'
            const [runOnly, done] = arguments;
            const where = (node) => `${node.target.join(' ')} — ${node.failureSummary.replace(/\s+/g, ' ')}`;
            const what = (one) => `${one.id}: ${one.nodes.slice(0, 4).map(where).join('\n    ')}`;
            axe.run(document, { runOnly })
                .then((result) => done(result.violations.map(what).join('\n')))
                .catch((error) => done('axe failed: ' + error));
            JS
            ,
            [$coloursOnly ? self::COLOURS : self::EVERYTHING],
        );

        return (string) $found;
    }
}
