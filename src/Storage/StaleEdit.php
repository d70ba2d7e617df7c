<?php

declare(strict_types=1);

namespace IronLatch\Storage;

use IronLatch\Core\Board\Edit\Edit;

/** An edit made on an older revision that touches what has been changed since: nothing is written, both values are told. */
final class StaleEdit extends \RuntimeException
{
    /**
     * @param list<array{path: string, mine: ?string, theirs: ?string}> $collisions
     */
    public function __construct(
        public readonly Edit $edit,
        public readonly string $editSummary,
        public readonly int $newestNumber,
        public readonly string $newestSummary,
        public readonly array $collisions,
    ) {
        parent::__construct(sprintf(
            'The board was changed elsewhere in the meantime (revision %d: %s). Your edit “%s” touches the same place and was not '
                . 'made.',
            $newestNumber,
            $newestSummary,
            $editSummary,
        ));
    }
}
