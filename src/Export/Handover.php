<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Board\Acceptance;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Exchange\Constant;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\Headline;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\TrialNote;
use IronLatch\Core\Wiring\Connections;

/** A board as it is handed over: inspected, dated, and with what everything that leaves the desk says of it. */
final readonly class Handover
{
    public Board $board;
    public Report $report;

    /**
     * @param string $date ISO 8601, of the day
     * @param ?int $revision null for a board from a file
     * @param array<string, string> $wishes by name: the event and the corner of a netlist
     * @param ?TrialNote $trial what a trial has said of it
     * @param ?string $stamp what the program says of itself, where that is not read from this very board
     */
    public function __construct(
        public Inspection $inspection,
        public string $date,
        public ?int $revision = null,
        public array $wishes = [],
        public ?TrialNote $trial = null,
        public ?string $stamp = null,
    ) {
        $this->board = $inspection->board;
        $this->report = Inspector::withRuleBook()->inspect($inspection, $trial);
    }

    /** The same for somebody else: what was accepted stays accepted, and nobody reads by whom and why. */
    public function forOthers(): self
    {
        $board = Copy::of($this->board, ['acceptances' => array_map(
            static fn(Acceptance $one): Acceptance => Copy::of($one, ['reason' => 'known to its maker', 'decidedBy' => 'its maker']),
            $this->board->acceptances,
        )]);

        return new self(
            new Inspection($board, $this->inspection->catalogue),
            $this->date,
            $this->revision,
            $this->wishes,
            $this->trial,
            ProgramExport::stamp($this),
        );
    }

    /**
     * @return list<string> what stands over a file: what it is, and what it rests on
     */
    public function remarks(string $what): array
    {
        return [
            Headline::of($what, $this->board, $this->report, $this->date),
            ...null === $this->revision ? [] : [sprintf('Revision %d.', $this->revision)],
            ...Headline::notes($this->board, $this->report),
        ];
    }

    /**
     * The constants of the program, what stands over them, and what stands beside them.
     *
     * @return array{array<string, Constant>, list<string>, array<string, list<string>>}
     */
    public function constants(): array
    {
        return [
            Constants::of($this->inspection),
            $this->remarks('Constants'),
            Headline::besideLines($this->board, $this->report),
        ];
    }

    /** Everything that is joined to anything, its wires cut by what they carry. */
    public function connections(): Connections
    {
        return $this->inspection->connections();
    }

    /** The same as comments of a netlist. */
    public function netlistHead(): string
    {
        return Headline::ofNetlist('Netlist', $this->board, $this->report, $this->date);
    }
}
