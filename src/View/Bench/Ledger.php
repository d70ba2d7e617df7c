<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

use IronLatch\Core\Bench\Happening;
use IronLatch\Core\Bench\Happens;
use IronLatch\Core\Bench\Tracks;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Program\Micros;

/**
 * What happened, ruled like a ledger: a column for each moment in which something happened, a row for each part that changed. Time
 * between two columns is written and not drawn, so that milliseconds and minutes stand side by side.
 */
final readonly class Ledger
{
    /** Columns that stand side by side. */
    public const COLUMNS = 16;
    /** What somebody has to look at. */
    private const BAD = [Happens::Harm, Happens::Stuck, Happens::Stays, Happens::Lost, Happens::Alarm];
    /** Rows of what is no state: what was done, what was said, what the program said of it. */
    private const EVENTS = [
        'hands and faults' => [Happens::Hand, Happens::Planted, Happens::Frame],
        'messages' => [Happens::Sent, Happens::Arrives, Happens::Told, Happens::Lost],
        'program' => [
            Happens::Runs, Happens::Phase, Happens::Stuck, Happens::Reset, Happens::Waits, Happens::Refused, Happens::Ignored,
            Happens::Kept, Happens::Alarm, Happens::Sensor, Happens::Stays, Happens::Harm,
        ],
    ];
    /** Kinds in the order in which a command goes through the board. */
    private const ORDER = [
        'mains', 'outage', 'link', 'rail', 'chip', 'contact', 'pin', 'coil', 'relay', 'appliance', 'lamp', 'shown',
    ];

    /**
     * @param list<array{micros: int, words: string, isCursor: bool}> $moments
     * @param array<string, array<int, list<Happening>>> $events by row, by place of the moment
     * @param list<array{name: string, kind: string, cells: list<array{state: string, isChange: bool, id: int, says: string}>}> $rows
     * @param list<Happening> $told within the columns, in the order of time
     * @param list<Happening> $why what was chosen first, then what it followed from, back to the hand or the fault
     * @param ?int $earlier microseconds of a moment further back; null where there is none
     * @param ?int $later
     */
    private function __construct(
        public array $moments,
        public array $events,
        public array $rows,
        public array $told,
        public array $why,
        public ?int $earlier,
        public ?int $later,
    ) {}

    /**
     * @param array<int, Happening> $happenings by id
     */
    public static function of(array $happenings, Tracks $tracks, Board $board, ControlMap $map, int $at, ?int $why): self
    {
        $all = array_values(array_unique(array_map(static fn(Happening $one): int => $one->micros, $happenings)));
        sort($all);
        $cursor = count(array_filter($all, static fn(int $micros): bool => $micros <= $at)) - 1;
        $end = min(count($all), max(self::COLUMNS, $cursor + 1 + ($cursor === count($all) - 1 ? 0 : intdiv(self::COLUMNS, 2))));
        $begin = max(0, $end - self::COLUMNS);
        $shown = array_slice($all, $begin, $end - $begin);
        $places = array_flip($shown);
        $told = array_values(array_filter($happenings, static fn(Happening $one): bool => isset($places[$one->micros])));

        return new self(
            self::moments($shown, $begin > 0 ? $all[$begin - 1] : null, $all[$cursor] ?? -1),
            self::events($told, $places),
            self::rows($tracks, $shown, $board, $map),
            $told,
            self::chain($happenings, $why),
            $begin > 0 ? $all[max(0, $begin - 1)] : null,
            $end < count($all) ? $all[min(count($all) - 1, $end + self::COLUMNS - 1)] : null,
        );
    }

    /**
     * @param list<int> $shown
     * @return list<array{micros: int, words: string, isCursor: bool}>
     */
    private static function moments(array $shown, ?int $before, int $cursor): array
    {
        $moments = [];
        foreach ($shown as $micros) {
            $moments[] = [
                'micros' => $micros,
                'words' => null === $before ? self::seconds($micros) : '+' . self::span($micros - $before),
                'isCursor' => $micros === $cursor,
            ];
            $before = $micros;
        }

        return $moments;
    }

    public static function seconds(int $micros): string
    {
        return rtrim(rtrim(number_format($micros / Micros::SECOND, 3, '.', ''), '0'), '.') . ' s';
    }

    /** A span between two moments, with the digits that matter. */
    public static function span(int $micros): string
    {
        return match (true) {
            $micros < Micros::MILLISECOND => $micros . ' µs',
            $micros < 100 * Micros::MILLISECOND => round($micros / Micros::MILLISECOND, 1) . ' ms',
            $micros < Micros::SECOND => round($micros / Micros::MILLISECOND) . ' ms',
            $micros < 2 * Micros::MINUTE => round($micros / Micros::SECOND, 1) . ' s',
            default => round($micros / Micros::MINUTE, 1) . ' min',
        };
    }

    /**
     * @param list<Happening> $told
     * @param array<int, int> $places of moments, by microseconds
     * @return array<string, array<int, list<Happening>>>
     */
    private static function events(array $told, array $places): array
    {
        $events = [];
        foreach (self::EVENTS as $row => $kinds) {
            foreach ($told as $one) {
                if (in_array($one->kind, $kinds, true)) {
                    $events[$row][$places[$one->micros]][] = $one;
                }
            }
        }

        return $events;
    }

    /**
     * @param list<int> $shown
     * @return list<array{name: string, kind: string, cells: list<array{state: string, isChange: bool, id: int, says: string}>}>
     */
    private static function rows(Tracks $tracks, array $shown, Board $board, ControlMap $map): array
    {
        if ([] === $shown) {
            return [];
        }
        $changed = [];
        foreach ($tracks->changes as $key => $changes) {
            $within = array_filter($changes, static fn(array $one): bool => $one[0] >= $shown[0] && $one[0] <= $shown[count($shown) - 1]);
            if ([] !== $within) {
                $changed[$key] = array_column($within, 2, 0);
            }
        }
        $order = array_flip(self::ORDER);
        uksort($changed, static fn(string $one, string $other): int => [
            $order[explode(' ', $one)[0]] ?? 99, $one,
        ] <=> [
            $order[explode(' ', $other)[0]] ?? 99, $other,
        ]);
        $rows = [];
        foreach ($changed as $key => $ids) {
            [$kind, $subject] = explode(' ', $key, 2);
            $cells = [];
            foreach ($shown as $micros) {
                $state = $tracks->at($key, $micros);
                $cells[] = [
                    'state' => $state,
                    'isChange' => isset($ids[$micros]),
                    'id' => $ids[$micros] ?? 0,
                    'says' => self::says($kind, $state),
                ];
            }
            $rows[] = ['name' => self::name($board, $map, $kind, $subject), 'kind' => $kind, 'cells' => $cells];
        }

        return $rows;
    }

    /** In one piece: a table from states to their shortest words. */
    private static function says(string $kind, string $state): string
    {
        return match ($kind) {
            'pin' => ['z' => 'free', '0' => 'low', '1' => 'high'][$state] ?? '',
            'contact' => '1' === $state ? 'closed' : 'open',
            'coil' => '1' === $state ? 'fed' : '–',
            'relay' => '1' === $state ? 'in' : 'out',
            'appliance' => '0' === $state || '' === $state ? 'rest' : ('1' === $state ? 'on' : $state),
            'lamp' => '1' === $state ? 'lit' : 'dark',
            'mains', 'rail', 'link' => '1' === $state ? 'there' : 'gone',
            'shown' => '?' === $state || '' === $state ? '?' : ('0' === $state ? 'off' : ('1' === $state ? 'on' : $state)),
            default => $state,
        };
    }

    private static function name(Board $board, ControlMap $map, string $kind, string $subject): string
    {
        return match ($kind) {
            'chip' => 'controller',
            'mains' => 'mains',
            'pin' => $subject,
            'outage' => $subject,
            'link' => 'link, ' . ($board->channels[$subject]->name ?? $subject),
            'rail' => 'rail, ' . ($board->rails[$subject]->name ?? $subject),
            'coil' => 'coil, ' . $board->nameOf($subject),
            'relay' => 'relay, ' . $board->nameOf($subject),
            'shown' => sprintf(
                '%s shows %s',
                $map->columns[$map->entries[$subject]->column ?? '']->title ?? $subject,
                $board->nameOf($map->entries[$subject]->line ?? $subject),
            ),
            default => $board->nameOf($subject),
        };
    }

    /**
     * @param array<int, Happening> $happenings by id
     * @return list<Happening>
     */
    private static function chain(array $happenings, ?int $why): array
    {
        $chain = [];
        for ($one = $happenings[$why ?? 0] ?? null; null !== $one; $one = $happenings[$one->cause] ?? null) {
            $chain[] = $one;
        }

        return $chain;
    }

    /**
     * @return list<string> kinds of what somebody has to look at
     */
    public function bad(): array
    {
        return array_map(static fn(Happens $one): string => $one->value, self::BAD);
    }
}
