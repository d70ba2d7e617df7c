<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Storage\BoardStore;

/** Every change that was made, newest first. */
final readonly class RevisionsScreen implements Screen
{
    public function __construct(private BoardStore $store) {}

    public static function name(): string
    {
        return 'revisions';
    }

    public function context(Look $look): array
    {
        $page = max(1, $look->request->query->getInt('page', 1));

        return [
            'revisions' => $this->store->revisions($look->opened->record, $page),
            'page' => $page,
            'pages' => $this->store->revisionPages($look->opened->record),
        ];
    }
}
