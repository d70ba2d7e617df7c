<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Channel;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\LineGroup;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Threshold;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Direction;
use IronLatch\Core\Catalogue\LetterCase;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\NamingRules;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\SurfaceProfile;

/**
 * Every line on every surface: from its one name, the names, values and places by which it is known there.
 *
 * What is derived depends on the line, on those before it and on what the maker has given, so that a new line renames none.
 */
final readonly class ControlMap
{
    public const BY_HAND = 'hand';
    public const BY_ITSELF = 'own';
    public const LIGHT = 'light';

    /** @var array<string, list<Entry>> */
    private array $byLine;
    /** @var array<string, list<Entry>> */
    private array $byColumn;

    /**
     * @param array<string, Column> $columns by id
     * @param array<string, Entry> $entries by surface
     * @param list<GroupEntry> $groups
     * @param array<string, KeyEntry> $keys that act on groups, by id
     * @param array<string, Route> $routes of the channels, by id
     * @param array<string, string> $identifiers legal in a program, by line, in capitals
     */
    private function __construct(
        public array $columns,
        public array $entries,
        public array $groups,
        public array $keys,
        public array $routes,
        public array $identifiers,
    ) {
        $byLine = $byColumn = [];
        foreach ($entries as $entry) {
            $byLine[$entry->line][] = $entry;
            $byColumn[$entry->column][] = $entry;
        }
        $this->byLine = $byLine;
        $this->byColumn = $byColumn;
    }

    public static function of(Board $board): self
    {
        $routes = Route::all($board);
        $columns = self::columns($board, $routes);
        $entries = $groups = $taken = [];
        // What the maker has given stands, and nothing derived may take it.
        foreach ($board->lines as $line) {
            foreach ($line->surfaces as $surface) {
                if ('' !== $surface->address) {
                    $taken[(string) $surface->channel][$surface->address] = true;
                }
            }
        }
        foreach ($board->lines as $lineId => $line) {
            $ranges = self::ranges($board, $lineId);
            foreach ($line->surfaces as $id => $surface) {
                $entries[$id] = null === $surface->channel
                    ? self::wired($board, $lineId, $id, $surface, $ranges)
                    : self::remote($board, $lineId, $id, $surface, $routes[$surface->channel], $taken, $ranges);
            }
        }
        $keys = [];
        foreach ($board->lineGroups as $id => $group) {
            foreach ($group->channels as $channelId) {
                $groups[] = self::group($board, $id, $group, $channelId, $taken);
            }
            foreach ($group->keys as $keyId => $key) {
                $keys[$keyId] = new KeyEntry($keyId, $id, $key->isInfrared() ? $key->function : self::BY_HAND, $key);
            }
        }

        return new self($columns, $entries, $groups, $keys, $routes, self::identifiers($board));
    }

    /**
     * @return list<Entry>
     */
    public function at(string $line, string $column): array
    {
        return array_values(array_filter($this->ofLine($line), static fn(Entry $entry): bool => $entry->column === $column));
    }

    /**
     * @return list<Entry>
     */
    public function ofLine(string $line): array
    {
        return $this->byLine[$line] ?? [];
    }

    /**
     * @return list<Entry>
     */
    public function on(string $column): array
    {
        return $this->byColumn[$column] ?? [];
    }

    /**
     * @return list<GroupEntry> at most one
     */
    public function groupsAt(string $group, string $column): array
    {
        return array_values(array_filter(
            $this->groups,
            static fn(GroupEntry $entry): bool => $entry->group === $group && $entry->column === $column,
        ));
    }

    /** Entries that a column holds, groups counted; of a rule service its rules, which are two for most lines. */
    public function held(string $column): int
    {
        $entries = count($this->on($column)) + count(array_filter(
            $this->groups,
            static fn(GroupEntry $group): bool => $group->column === $column,
        ));
        $isOfRules = true === ($this->routes[$column] ?? null)?->hops[0]->profile->byRules;

        return $isOfRules ? max($entries, count(ServiceRule::on($this, $column))) : $entries;
    }

    /**
     * @param array<string, Route> $routes
     * @return array<string, Column>
     */
    private static function columns(Board $board, array $routes): array
    {
        $kinds = [];
        foreach ($board->lines as $line) {
            foreach ($line->surfaces as $surface) {
                $kinds[$surface->kind->value] = $surface->kind;
            }
        }
        foreach ($board->lineGroups as $group) {
            foreach ($group->keys as $key) {
                $kinds[$key->kind->value] = $key->kind;
            }
        }
        $columns = [];
        if ([] !== array_filter($kinds, static fn(SurfaceKind $kind): bool => $kind->isByHand())) {
            $columns[self::BY_HAND] = new Column(self::BY_HAND, 'By hand', Direction::Command);
        }
        foreach ($board->functions as $id => $function) {
            if (FunctionKind::InfraredReceiver === $function->kind) {
                $columns[$id] = new Column($id, $function->name, Direction::Command);
            }
        }
        foreach ($routes as $id => $route) {
            $columns[$id] = Column::ofRoute($route);
        }
        if (isset($kinds[SurfaceKind::SensorRule->value]) || isset($kinds[SurfaceKind::Timer->value])) {
            $columns[self::BY_ITSELF] = new Column(self::BY_ITSELF, 'By itself', Direction::Command);
        }
        if (isset($kinds[SurfaceKind::StatusLight->value])) {
            $columns[self::LIGHT] = new Column(self::LIGHT, 'Light', Direction::State);
        }

        return $columns;
    }

    /**
     * In one piece: a table from the kind of surface to its entry.
     *
     * @param array<int, array{int, int}> $ranges
     */
    private static function wired(Board $board, string $line, string $id, Surface $surface, array $ranges): Entry
    {
        $possible = $surface->kind->operations();
        $isStepped = [] !== $ranges && SurfaceKind::Knob === $surface->kind && in_array(Operation::Steps, $possible, true);
        $operation = $surface->operation ?? ($isStepped ? Operation::Steps : $possible[0]);
        if (SurfaceKind::InfraredKey === $surface->kind && null === $surface->operation && null !== $surface->offCode) {
            $operation = Operation::Explicit;
        }
        $name = '' === $surface->function ? $surface->kind->value : $board->functions[$surface->function]->name;
        $column = match (true) {
            $surface->kind->isByHand() => self::BY_HAND,
            SurfaceKind::InfraredKey === $surface->kind => $surface->function,
            SurfaceKind::StatusLight === $surface->kind => self::LIGHT,
            default => self::BY_ITSELF,
        };
        $on = $operation->canSwitchOn() ? $surface->code?->printed() ?? '' : '';
        $off = null !== $surface->offCode ? $surface->offCode->printed() : (Operation::Toggle === $operation ? $on : '');

        return new Entry(
            $line,
            $id,
            $column,
            $surface->kind,
            $operation,
            $surface->kind->direction(),
            '' === $surface->address ? $name : $surface->address,
            $on,
            $off,
            Operation::Toggle === $operation ? $on : '',
            '',
            '',
            '' !== $surface->address,
            $surface->code,
            $surface->offCode,
            $ranges,
        );
    }

    /**
     * @param array<string, array<string, true>> $taken addresses by channel; grows
     * @param array<int, array{int, int}> $ranges
     */
    private static function remote(
        Board $board,
        string $lineId,
        string $id,
        Surface $surface,
        Route $route,
        array &$taken,
        array $ranges,
    ): Entry {
        $line = $board->lines[$lineId];
        [$channelId, $channel, $profile] = [$route->hops[0]->id, $route->hops[0]->channel, $route->hops[0]->profile];
        $address = $surface->address;
        if ('' === $address && null !== $profile->setsPins) {
            $pin = PinNumbers::pinOf($board, $lineId);
            $address = null === $pin ? '' : PinNumbers::ofService($pin, $profile);
        } elseif ('' === $address) {
            $address = self::free($profile, $channel, $board, $line->name, (int) substr($lineId, 1), $taken[$channelId] ?? []);
        }
        $taken[$channelId][$address] = true;
        $operation = $surface->operation ?? self::usual($profile, [] !== $ranges);
        $fill = ['{address}' => $address, ...self::levels($line)];
        $direction = $route->direction();
        $stated = strtr(
            $profile->state,
            [
                '{root}' => self::root($board, $channel),
                '{line}' => self::middle($profile, $address, $board, $channel),
                '{n}' => substr($lineId, 1),
                '{address}' => $address,
            ],
        );

        return new Entry(
            $lineId,
            $id,
            $channelId,
            $surface->kind,
            $operation,
            $direction,
            $address,
            !$operation->canSwitchOn() ? '' : ('' !== $surface->on ? $surface->on : strtr($profile->on, $fill)),
            '' !== $surface->off ? $surface->off : strtr($profile->off, $fill),
            $operation->canSwitchOn() ? strtr($profile->toggle, $fill) : '',
            $operation->canSwitchOn() ? strtr($profile->set, $fill) : '',
            $direction->tellsState() ? $stated : '',
            '' !== $surface->address,
            null,
            null,
            $ranges,
            '' !== $surface->on ? $surface->on : strtr($profile->on, $fill),
        );
    }

    /**
     * @param array<string, array<string, true>> $taken
     */
    private static function group(Board $board, string $id, LineGroup $group, string $channelId, array &$taken): GroupEntry
    {
        $channel = $board->channels[$channelId];
        $profile = $board->profile($channel);
        $address = match (true) {
            str_contains($profile->address, '{line}') => self::free(
                $profile,
                $channel,
                $board,
                $group->name,
                (int) substr($id, 1),
                $taken[$channelId] ?? [],
            ),
            Addressing::Command === $profile->addressing => 'G' . substr($id, 1),
            Addressing::Number === $profile->addressing => (string) (90 + (int) substr($id, 1)),
            default => self::free($profile, $channel, $board, $group->name, (int) substr($id, 1), $taken[$channelId] ?? []),
        };
        $taken[$channelId][$address] = true;
        $fill = ['{address}' => $address, '{on}' => '1', '{off}' => '0'];

        $isScene = LineGroupKind::Scene === $group->kind;

        return new GroupEntry(
            $id,
            $channelId,
            $address,
            $isScene || $group->switchesOn ? strtr($profile->on, $fill) : '',
            $isScene ? '' : strtr($profile->off, $fill),
        );
    }

    /**
     * The address made of a name, with the lowest number behind the name that makes it free.
     *
     * @param array<string, true> $taken
     */
    private static function free(SurfaceProfile $profile, Channel $channel, Board $board, string $name, int $number, array $taken): string
    {
        $fit = Naming::fit($name, $profile->names);
        // A service that numbers pins: beyond every number that a carrier prints.
        $number = $profile->numbersPins ? 50 + $number : $number;
        $make = static fn(string $line): string => strtr(
            $profile->address,
            ['{root}' => self::root($board, $channel), '{line}' => $line, '{n}' => (string) $number],
        );
        $address = $make($fit);
        for ($behind = 2; isset($taken[$address]) && $behind < 100; ++$behind) {
            $address = str_contains($profile->address, '{line}')
                ? $make(Naming::numbered($fit, $behind, $profile->names))
                : $make($fit) . $behind;
        }

        return $address;
    }

    /** What stands for the line in an address: the state is told under the same name. */
    public static function middle(SurfaceProfile $profile, string $address, Board $board, Channel $channel): string
    {
        $pattern = strtr(
            preg_quote($profile->address, '~'),
            [
                preg_quote('{root}', '~') => preg_quote(self::root($board, $channel), '~'),
                preg_quote('{line}', '~') => '(.+)',
                preg_quote('{n}', '~') => '\\d+',
            ],
        );

        return 1 === preg_match('~^' . $pattern . '$~', $address, $match) && isset($match[1]) ? $match[1] : $address;
    }

    /** What stands before every address of a channel. */
    public static function root(Board $board, Channel $channel): string
    {
        return '' === $channel->root ? Naming::fit($board->name, new NamingRules(40, '-', LetterCase::Lower)) : $channel->root;
    }

    private static function usual(SurfaceProfile $profile, bool $hasSteps): Operation
    {
        foreach ($hasSteps ? $profile->operations : [] as $operation) {
            if ($operation->isGraded()) {
                return $operation;
            }
        }

        return $profile->operations[0];
    }

    /**
     * The level at the pin that switches a line on, where a service sets pins itself.
     *
     * @return array<string, string>
     */
    private static function levels(Line $line): array
    {
        return match ((array_values($line->actuators)[0] ?? null)?->activeLevel->value) {
            Level::Low => ['{on}' => '0', '{off}' => '1'],
            Level::High => ['{on}' => '1', '{off}' => '0'],
            default => ['{on}' => '', '{off}' => ''],
        };
    }

    /**
     * @return array<int, array{int, int}> least and greatest percentage by step, 0 for off
     */
    private static function ranges(Board $board, string $line): array
    {
        $group = $board->stepsOf($line);
        if (null === $group) {
            return [];
        }
        foreach ($board->lines[$line]->surfaces as $surface) {
            if ([] !== $surface->thresholds) {
                return self::stated($surface->thresholds);
            }
        }

        return StepMap::ranges(count($group->steps()));
    }

    /**
     * @param list<Threshold> $thresholds
     * @return array<int, array{int, int}>
     */
    private static function stated(array $thresholds): array
    {
        $ranges = [0 => [0, $thresholds[0]->percent - 1]];
        foreach ($thresholds as $index => $threshold) {
            $ranges[$index + 1] = [$threshold->percent, isset($thresholds[$index + 1]) ? $thresholds[$index + 1]->percent - 1 : 100];
        }

        return $ranges;
    }

    /** What follows the identifier of a line in the names of its constants. */
    private const PARTS_OF_A_LINE = [
        'NAME',
        'ID',
        'PIN',
        'ON',
        'EXPANDER',
        'RELAY',
        'STEP',
        'STEPS',
        'RESTORE',
        'NEVER',
        'REST',
        'SWITCH',
        'BUTTON',
        'KNOB',
        'KEY',
        'SENSOR',
        'TIMER',
        'STATUS',
        'WELD',
        'RUN',
        'TURN',
    ];

    /** A name as it is legal in a program, in capitals, without an underscore twice. */
    public static function identifier(string $name): string
    {
        return Naming::fit($name, new NamingRules(40, '_', LetterCase::Upper, '', true, true));
    }

    /**
     * Unique, and so that no constant of one line can bear the name of another’s: “Lamp” has a LAMP_SWITCH_PIN, and so would
     * “Lamp switch” have.
     *
     * @return array<string, string>
     */
    private static function identifiers(Board $board): array
    {
        $parts = array_flip([
            ...self::PARTS_OF_A_LINE,
            ...array_map(
                static fn(Channel $channel): string => explode('_', self::identifier($channel->name))[0],
                array_values($board->channels),
            ),
        ]);
        $extends = static fn(string $long, string $short): bool => str_starts_with($long, $short . '_')
            && isset($parts[explode('_', substr($long, strlen($short) + 1))[0]]);
        $identifiers = [];
        foreach ($board->lines as $id => $line) {
            $fit = self::identifier($line->name);
            if ([] !== array_filter($identifiers, static fn(string $other): bool => $extends($fit, $other) || $extends($other, $fit))) {
                $fit .= '_' . $id;
            }
            while (in_array($fit, $identifiers, true)) {
                $fit .= '_' . $id;
            }
            $identifiers[$id] = $fit;
        }

        return $identifiers;
    }
}
