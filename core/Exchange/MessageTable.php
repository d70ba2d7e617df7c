<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Control\MessageList;
use IronLatch\Core\Control\MessageRow;
use IronLatch\Core\Review\Inspection;

/** Everything that is said to a board and by it, as a table. */
final class MessageTable
{
    public const HEADER = ['Channel', 'About', 'Kind', 'Direction', 'Address', 'Example', 'Kept'];

    /**
     * @return list<list<string>>
     */
    public static function rows(Inspection $inspection): array
    {
        return array_map(static fn(MessageRow $row): array => [
            $row->channel,
            $row->about,
            $row->kind,
            $row->direction(),
            $row->address,
            '' === $row->example ? '–' : $row->example,
            $row->kept(),
        ], MessageList::of($inspection->board, $inspection->controls));
    }

    /**
     * @param list<string> $remarks
     */
    public static function csv(Inspection $inspection, array $remarks): string
    {
        return Csv::write([
            ...array_map(static fn(string $remark): array => [$remark], $remarks),
            self::HEADER,
            ...self::rows($inspection),
        ]);
    }
}
