<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\Days;
use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\GroupStart;
use IronLatch\Core\Control\Outages;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Control\SimulatedRemote;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Stage;

/** What the Controls view shows: every line on every surface, and all that follows from it. */
final readonly class ControlsDrawing
{
    private const SECTIONS = ['channels', 'together', 'infrared', 'outages', 'program', 'drift'];

    public function __construct(private Inspection $inspection) {}

    /**
     * @param string $open a line, a surface, or a part that stands around the lines
     * @return array<string, mixed>
     */
    public function context(string $open, Report $report): array
    {
        $board = $this->inspection->board;
        $map = $this->inspection->controls;
        $line = isset($map->entries[$open]) ? $map->entries[$open]->line : (isset($board->lines[$open]) ? $open : '');

        return [
            'map' => $map,
            'line_id' => $line,
            'section' => in_array($open, self::SECTIONS, true) ? $open : '',
            'surface_id' => isset($map->entries[$open]) ? $open : '',
            'cells' => $this->cells(),
            'marks' => $this->marks($report),
            'outages' => Outages::of($map),
            'needs' => Need::cases(),
            'sheets' => SetUpSheet::all($this->inspection),
            'constants' => count(Constants::of($this->inspection)),
            'group_kinds' => LineGroupKind::cases(),
            'sensed' => Sensed::cases(),
            'yes_or_no' => Sensed::Event,
            'lost' => LostSensor::cases(),
            'days' => Days::cases(),
            'clocks' => ClockSource::cases(),
            'missed' => MissedTime::cases(),
            'off_only' => Operation::Off,
            'wired_kinds' => array_filter(SurfaceKind::cases(), static fn(SurfaceKind $kind): bool => !$kind->isRemote()),
            'remote_keys' => SimulatedRemote::keys(),
            'infrared' => array_filter($map->entries, static fn(Entry $entry): bool => SurfaceKind::InfraredKey === $entry->kind),
            'assigned' => $this->assigned(),
            'together' => GroupStart::all($board, $this->inspection->mains),
        ];
    }

    /**
     * @return array<string, array<string, list<Entry>>> by line and column
     */
    private function cells(): array
    {
        $cells = [];
        foreach ($this->inspection->controls->entries as $entry) {
            $cells[$entry->line][$entry->column][] = $entry;
        }

        return $cells;
    }

    /**
     * The worst kind of finding about each surface, line, channel and group.
     *
     * @return array<string, string> by subject
     */
    private function marks(Report $report): array
    {
        $marks = [];
        foreach (array_reverse($report->findings) as $finding) {
            if (Stage::Controls === $finding->rule->stage) {
                $marks[$finding->subject] = $finding->severity->value;
            }
        }

        return $marks;
    }

    /**
     * Which line answers to a key.
     *
     * @return array<string, string> line by what tells keys apart
     */
    private function assigned(): array
    {
        $assigned = [];
        foreach ($this->inspection->controls->entries as $entry) {
            foreach ([$entry->code, $entry->offCode] as $code) {
                if ($code instanceof InfraredCode) {
                    $assigned[PulseDistance::key($code)] = $this->inspection->board->lines[$entry->line]->name
                        . ($code === $entry->code ? '' : ', off');
                }
            }
        }

        return $assigned;
    }
}
