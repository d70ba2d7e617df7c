<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\TriedSet;

/** Records that the versions that stand there now were built together on a day, and what came of it. */
#[Says(Nature::Observation)]
final readonly class RecordTriedSet implements Edit
{
    private const MOST = 40;

    public function __construct(
        #[Question('These versions were built together on', help: 'A day such as 2026-03-14.')]
        public string $day,
        public bool $works = true,
        public string $note = '',
    ) {}

    public function apply(Board $board): Board
    {
        $facts = $board->program->firmware ?? new FirmwareFacts();
        if ('' === trim($facts->boardPackage)) {
            throw new EditRefused('State the package and its version first: what was tried must be named.');
        }
        if (count($facts->tried) >= self::MOST) {
            throw new EditRefused(sprintf('A board keeps at most %d sets. Undo an old one first.', self::MOST));
        }
        try {
            $set = new TriedSet(trim($this->day), $facts->boardPackage, $facts->libraries, $this->works, $this->note);
        } catch (\InvalidArgumentException $fault) {
            throw new EditRefused($fault->getMessage(), 'day', $fault);
        }

        return $board->with(program: $board->program->with(firmware: $facts->with(tried: [...$facts->tried, $set])));
    }

    public function summary(Board $board): string
    {
        return sprintf('These versions %s on %s', $this->works ? 'worked together' : 'did not work together', $this->day);
    }
}
