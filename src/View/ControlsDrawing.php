<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\ClockSource;
use IronLatch\Core\Board\Days;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKey;
use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\LampColour;
use IronLatch\Core\Board\LampTells;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\LineEnding;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\MissedTime;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\ShownKind;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\GroupStart;
use IronLatch\Core\Control\Hop;
use IronLatch\Core\Control\Message;
use IronLatch\Core\Control\Outage;
use IronLatch\Core\Control\Outages;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Control\ServiceCosts;
use IronLatch\Core\Control\ShownKinds;
use IronLatch\Core\Control\SimulatedRemote;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\MessageTable;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Pins\LampCircuit;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Stage;

/** What the Controls view shows: every line on every surface, and all that follows from it. */
final readonly class ControlsDrawing
{
    private const SECTIONS = ['channels', 'together', 'infrared', 'lamps', 'outages', 'messages', 'program', 'drift'];
    /** Before the key of an outage that is tried. */
    private const WITHOUT = 'out-';

    public function __construct(private Inspection $inspection) {}

    /**
     * @param string $open a line, a surface, or a part that stands around the lines
     * @return array<string, mixed>
     */
    public function context(string $open, Report $report): array
    {
        $board = $this->inspection->board;
        $map = $this->inspection->controls;
        $outages = Outages::of($map);
        $without = $this->without($outages, $open);
        $line = isset($map->entries[$open]) ? $map->entries[$open]->line : (isset($board->lines[$open]) ? $open : '');

        return [
            'map' => $map,
            'line_id' => $line,
            'section' => in_array($open, self::SECTIONS, true) ? $open : '',
            'without' => $without,
            'chain' => isset($map->routes[$map->entries[$open]->column ?? '']) ? $this->chain($map->entries[$open], $outages) : [],
            'route' => $map->routes[$map->entries[$open]->column ?? ''] ?? null,
            'lamps' => $this->lamps(),
            'messages' => 'messages' === $open ? MessageTable::rows($this->inspection) : [],
            'message_header' => MessageTable::HEADER,
            'link_kinds' => LinkKind::cases(),
            'endings' => LineEnding::cases(),
            'shown_kinds' => ShownKind::cases(),
            'lamp_colours' => LampColour::cases(),
            'lamp_tells' => LampTells::cases(),
            'key_kinds' => GroupKey::kinds(),
            'key_acts' => GroupKey::operations(SurfaceKind::PushButton),
            'yearly' => ServiceCosts::yearly($board),
            'surface_id' => isset($map->entries[$open]) ? $open : '',
            'cells' => $this->cells(),
            'marks' => $this->marks($report),
            'outages' => $outages,
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

    /** The outage that is tried by its address. */
    private function without(Outages $outages, string $open): ?Outage
    {
        foreach ($outages->all as $outage) {
            if (self::trying($outage) === $open) {
                return $outage;
            }
        }

        return null;
    }

    /** What is opened to try an outage. */
    public static function trying(Outage $outage): string
    {
        return self::WITHOUT . str_replace(' ', '-', $outage->key());
    }

    /**
     * The way of one surface, hop by hop: what the line is called there, what is said, and what is tried when it is gone.
     *
     * @return list<array{hop: Hop, entry: ?Entry, kind: string, says: string, outages: list<array{string, string}>}>
     */
    private function chain(Entry $entry, Outages $outages): array
    {
        $map = $this->inspection->controls;
        $chain = [];
        foreach ($map->routes[$entry->column]->hops as $place => $hop) {
            $here = 0 === $place ? $entry : $map->at($entry->line, $hop->id)[0] ?? null;
            $kind = ShownKinds::of($this->inspection->board, $entry->line);
            $shown = ShownKinds::at($hop->profile, $kind);
            $chain[] = [
                'hop' => $hop,
                'entry' => $here,
                'kind' => [] === $hop->profile->kinds ? '' : ($shown->value ?? 'no kind that it knows'),
                'says' => null === $here ? '' : self::said($hop, $here),
                'outages' => array_map(
                    static fn(Outage $one): array => [self::trying($one), $one->words()],
                    array_values(array_filter($outages->all, static fn(Outage $one): bool => $one->channel === $hop->id)),
                ),
            ];
        }

        return $chain;
    }

    /** What goes over a hop to switch on, or off where nothing may switch on. */
    private static function said(Hop $hop, Entry $entry): string
    {
        $word = '' !== $entry->on ? $entry->on : $entry->off;

        return '' === $word ? '' : Message::of($hop->profile, $hop->channel->name, $entry->address, $word)->words;
    }

    /**
     * Lamps and sounds of state, each with its circuit solved and what it tells.
     *
     * @return list<array{id: string, name: string, pin: string, function: PinFunction, lines: string, figure: ?Figure, watts: float,
     *     own: bool}>
     */
    private function lamps(): array
    {
        $board = $this->inspection->board;
        $lamps = [];
        foreach ($board->functions as $id => $function) {
            if (FunctionKind::StatusLed !== $function->kind && FunctionKind::Buzzer !== $function->kind) {
                continue;
            }
            $pin = $this->inspection->seating->pins[$id] ?? null;
            $circuit = null === $pin || null === $function->lamp ? null : LampCircuit::of($board, $function->lamp, $pin);
            $lines = array_filter($board->lines, static fn(Line $line): bool => [] !== array_filter(
                $line->surfaces,
                static fn(Surface $surface): bool => $surface->function === $id,
            ));
            $lamps[] = [
                'id' => $id,
                'name' => $function->name,
                'pin' => $pin?->bothNames() ?? 'no pin yet',
                'function' => $function,
                'lines' => implode(', ', array_map(static fn(Line $line): string => $line->name, $lines)),
                'figure' => $circuit?->figure('lamp current', $circuit->amps->typ, 'typical values'),
                'watts' => $circuit?->watts() ?? 0.0,
                'own' => null === $function->lamp && $board->isCarriersOwnLamp($id),
            ];
        }

        return $lamps;
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
        foreach ($this->inspection->controls->keys as $id => $entry) {
            if (null !== $entry->key->code) {
                $assigned[PulseDistance::key($entry->key->code)] = $this->inspection->board->nameOf($id);
            }
        }
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
