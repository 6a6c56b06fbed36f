<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Inertia\Support\Header;

/** A request for some of the props of a page that is open. */
final readonly class PartialReload
{
    private function __construct(private Request $request) {}

    /** null: the page is fetched as a whole and has nothing yet, whatever stands in its address */
    public static function of(Request $request): ?self
    {
        return $request->hasHeader(Header::PARTIAL_COMPONENT) ? new self($request) : null;
    }

    /**
     * The page keeps what it has of these. They are taken from the request and not from the props: a prop that is
     * asked for and not there is answered with null.
     *
     * @param list<string> $props
     */
    public function leaveOut(array $props): void
    {
        $before = array_filter(explode(',', (string) $this->request->header(Header::PARTIAL_EXCEPT)));
        $this->request->headers->set(Header::PARTIAL_EXCEPT, implode(',', [...$before, ...$props]));
    }
}
