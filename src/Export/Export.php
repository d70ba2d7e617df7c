<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Review\Inspection;

/** Something that a board hands over. It is found by being there: page and command line list it, under its name; it needs nothing else. */
interface Export
{
    /** The word by which it is asked for; before a colon where it is about one thing of the board: “sheet:C1”. */
    public static function name(): string;

    /** What it is called on a page. */
    public static function title(): string;

    /**
     * @return list<string> what it can be about: columns of Controls, relays, rails; one empty text where it is about the whole board
     */
    public function subjects(Inspection $inspection): array;

    /**
     * @param string $subject one of those that it can be about
     */
    public function file(Handover $handover, string $subject): ExportFile;
}
