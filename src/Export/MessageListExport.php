<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\MessageTable;

/** Every topic, text, request and state of the board, with direction, example and whether it is kept. */
#[Piece(Folder::SetUp, 'Every topic, text and state by which the board is spoken to.')]
final readonly class MessageListExport implements Export
{
    use OfTheWholeBoard;

    public static function name(): string
    {
        return 'messages';
    }

    public static function title(): string
    {
        return 'Message list, CSV';
    }

    public function file(Handover $handover, string $subject): ExportFile
    {
        return new ExportFile(
            'messages.csv',
            'text/csv; charset=utf-8',
            MessageTable::csv($handover->inspection, $handover->remarks('Messages')),
        );
    }
}
