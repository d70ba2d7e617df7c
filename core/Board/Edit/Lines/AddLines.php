<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Record\ListOf;

/** Adds a line for each name of a list, all with the same kind of appliance and the board’s usual relay and driver. */
final readonly class AddLines implements Edit
{
    private const MOST = 64;
    private const LONGEST_NAME = 120;

    /**
     * @param list<string> $names empty ones count for nothing
     */
    public function __construct(
        #[ListOf('string')]
        public array $names,
        public Appliance $appliance,
    ) {}

    public function apply(Board $board): Board
    {
        $names = $this->listed();
        if ([] === $names) {
            throw new EditRefused('Give the line a name first; several names, one in each row, make several lines.', 'names');
        }
        if (count($names) > self::MOST) {
            throw new EditRefused(sprintf('%d lines at once are too many. Add at most %d.', count($names), self::MOST), 'names');
        }
        foreach ($names as $name) {
            if (mb_strlen($name) > self::LONGEST_NAME) {
                throw new EditRefused(
                    sprintf('“%s …” is longer than %d characters.', mb_substr($name, 0, 40), self::LONGEST_NAME),
                    'names',
                );
            }
            $board = (new AddLine($name, $this->appliance))->apply($board);
        }

        return $board;
    }

    public function summary(Board $board): string
    {
        $names = $this->listed();

        return 1 === count($names) ? sprintf('Add the line “%s”', $names[0]) : sprintf('Add %d lines', count($names));
    }

    /**
     * @return list<string>
     */
    private function listed(): array
    {
        return array_values(array_filter(
            array_map(trim(...), $this->names),
            static fn(string $name): bool => '' !== $name,
        ));
    }
}
