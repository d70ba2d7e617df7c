<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use Symfony\Component\HttpFoundation\Request;

/** A part of a page, as htmx asks for it. */
final class Fragment
{
    /** What an answer depends on that is a fragment or a whole page, as it was asked. */
    public const VARY = 'HX-Request, HX-History-Restore-Request';

    /** Whether only a part is wanted: a page that a browser goes back to is wanted whole. */
    public static function isAsked(Request $request): bool
    {
        return $request->headers->has('HX-Request') && !$request->headers->has('HX-History-Restore-Request');
    }
}
