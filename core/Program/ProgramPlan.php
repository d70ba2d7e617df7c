<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\LampTells;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Schedule;
use IronLatch\Core\Board\SensorRule;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchAtStart;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\Announced;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\Hop;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Mains\FanSteps;
use IronLatch\Core\Record\Copy;

/**
 * All that a program knows of its board, read from the board alone: what it listens to, what each act means, and what it keeps to.
 *
 * Where the board states nothing the program does what surprises least, and says so (`Usual`).
 */
final readonly class ProgramPlan
{
    /** Counted up whenever a program that keeps to it would do something else. */
    public const VERSION = 1;

    /**
     * @param array<string, LinePlan> $lines by id
     * @param array<string, GroupPlan> $groups by id
     * @param array<string, ContactPlan> $contacts by function
     * @param array<string, SelectorPlan> $selectors by group, or by function of a ladder
     * @param array<string, string> $positions selector by the function of a position
     * @param array<string, array<string, list<array{Act, Operation}>>> $keys what a key asks, by receiver and by what tells keys apart
     * @param array<string, ChannelPlan> $channels that reach the program, by id
     * @param array<string, SensorPlan> $sensors by surface
     * @param array<string, TimerPlan> $timers by surface
     * @param array<string, LampPlan> $lamps by function
     * @param array<string, string> $senses line by the input that hears its appliance
     * @param list<string> $order of the outputs as they are made at start: what must never start by itself first
     * @param int $debounceMicros
     * @param int $staggerMicros between lines that start together
     * @param ?int $atOnce mains lines that may run at once; null for all
     * @param int $keepMicros that a state rests before it is written into memory
     */
    public function __construct(
        public array $lines,
        public array $groups,
        public array $contacts,
        public array $selectors,
        public array $positions,
        public array $keys,
        public array $channels,
        public array $sensors,
        public array $timers,
        public array $lamps,
        public array $senses,
        public array $order,
        public int $debounceMicros,
        public int $staggerMicros,
        public ?int $atOnce,
        public int $keepMicros,
    ) {}

    public static function of(Board $board, ControlMap $map): self
    {
        $lines = array_map(static fn(string $id): LinePlan => self::line($board, $id), array_combine(
            array_keys($board->lines),
            array_keys($board->lines),
        ));
        [$contacts, $selectors, $positions] = self::inputs($board, $map);

        return new self(
            $lines,
            self::groups($board),
            $contacts,
            $selectors,
            $positions,
            self::keys($board, $map),
            self::channels($board, $map),
            self::sensors($board, $map),
            self::timers($board, $map),
            self::lamps($board),
            self::senses($board),
            self::order($board),
            Micros::of(($board->program->firmware ?? new FirmwareFacts())->debounceSeconds),
            Micros::of($board->program->staggerSeconds->value ?? 0.0),
            is_int($board->box?->atOnce?->value) ? $board->box->atOnce->value : null,
            Micros::of($board->program->keptAfterSeconds->value ?? Usual::KEPT_AFTER_SECONDS),
        );
    }

    /**
     * The plan of a program that reaches some channels alone, and never waits for them.
     *
     * @param list<string> $reached channels
     */
    public function reaching(array $reached): self
    {
        return Copy::of($this, ['channels' => array_map(static fn(ChannelPlan $channel): ChannelPlan => Copy::of($channel, [
            'connects' => $channel->connects && in_array($channel->id, $reached, true),
            'blockMicros' => 0,
        ]), $this->channels)]);
    }

    private static function line(Board $board, string $id): LinePlan
    {
        $line = $board->lines[$id];
        $outputs = [];
        foreach ($line->actuators as $relay => $actuator) {
            if (null === $actuator->opens) {
                $outputs[$relay] = self::output($board, $id, $relay, $actuator);
            }
        }
        $first = null === array_key_first($outputs) ? '' : $line->actuators[array_key_first($outputs)]->function;
        $ways = '' === $first ? null : $board->groupOf($first, GroupKind::Directions);
        $group = $board->stepsOf($id) ?? (null === $ways ? null : $board->groups[$ways]);
        $safety = $line->safety;
        $restore = $safety?->restore?->value;

        return new LinePlan(
            $id,
            $outputs,
            self::steps($board, $group, array_keys($outputs)),
            $restore instanceof RestorePolicy ? $restore : RestorePolicy::Off,
            SwitchAtStart::Wins === $safety?->switchAtStart?->value,
            $board->mustNotStart($id),
            true === $safety?->remoteStart?->value,
            true === $safety?->barredFromGroups?->value,
            Micros::of($safety?->restSeconds->value ?? 0.0),
            Micros::of($group?->pauseSeconds->value ?? (null === $ways ? Usual::PAUSE_SECONDS : Usual::TURNING_SECONDS)),
            self::apart($board, $id),
            null !== $ways,
            null === $ways ? 0 : Micros::of($board->groups[$ways]->reversal?->runSeconds->value ?? 0.0),
            null === $board->appliance($line)->dcVolts,
            $line->sense?->function,
            null !== $line->twoWay,
        );
    }

    private static function output(Board $board, string $line, string $relay, Actuator $actuator): OutputPlan
    {
        $bistable = $board->relay($actuator)->bistable;
        $opener = null;
        foreach ($board->lines[$line]->actuators as $other) {
            $opener = $other->opens === $relay ? $other->function : $opener;
        }

        return new OutputPlan(
            $relay,
            $actuator->function,
            $opener,
            null === $bistable ? 0 : Micros::of(min($bistable->greatestPulseSeconds, Usual::PULSE_FACTOR * $bistable->leastPulseSeconds)),
            ContactUse::NormallyClosed === $actuator->contact,
        );
    }

    /**
     * @param list<string> $relays
     * @return list<list<string>> relays by step
     */
    private static function steps(Board $board, ?FunctionGroup $group, array $relays): array
    {
        if (null === $group) {
            return [] === $relays ? [] : [$relays];
        }
        $id = (string) array_search($group, $board->groups, true);
        $order = GroupKind::StepRelays === $group->kind ? array_keys(FanSteps::all($board)[$id]->steps ?? []) : [];
        $patterns = [] === $order
            ? array_map(static fn($step): array => $step->relays, $group->steps())
            : array_map(static fn(string $key): array => explode('+', $key), $order);
        $steps = array_map(
            static fn(array $functions): array => array_values(
                array_filter(array_map($board->actuatorOf(...), $functions), is_string(...)),
            ),
            $patterns,
        );

        return array_values(array_filter($steps, static fn(array $step): bool => [] !== array_intersect($step, $relays)));
    }

    /**
     * @return array<string, int> microseconds of dead time by line
     */
    private static function apart(Board $board, string $id): array
    {
        $apart = [];
        foreach ($board->groups as $group) {
            if (GroupKind::NeverTogether !== $group->kind) {
                continue;
            }
            $owners = array_map(
                static function (string $function) use ($board): ?string {
                    $relay = $board->actuatorOf($function);

                    return null === $relay ? null : $board->lineOf($relay);
                },
                $group->functions,
            );
            foreach (in_array($id, $owners, true) ? $owners : [] as $other) {
                if (null !== $other && $other !== $id) {
                    $apart[$other] = Micros::of($group->pauseSeconds->value ?? Usual::PAUSE_SECONDS);
                }
            }
        }

        return $apart;
    }

    /**
     * @return array<string, GroupPlan>
     */
    private static function groups(Board $board): array
    {
        $groups = [];
        foreach ($board->lineGroups as $id => $group) {
            $groups[$id] = new GroupPlan($id, $group->lines, $group->lit, $group->switchesOn, LineGroupKind::Scene === $group->kind);
        }

        return $groups;
    }

    /**
     * Contacts and knobs, of lines and of groups.
     *
     * @return array{array<string, ContactPlan>, array<string, SelectorPlan>, array<string, string>}
     */
    private static function inputs(Board $board, ControlMap $map): array
    {
        $acts = $knobs = [];
        foreach ($map->entries as $id => $entry) {
            $function = $board->lines[$entry->line]->surfaces[$id]->function;
            $act = new Act($entry->line, Wish::pressed($entry->operation), Presence::Here, $id);
            if (SurfaceKind::Knob === $entry->kind) {
                $knobs[$board->groupOf($function, GroupKind::Selector) ?? $function][] = $act;
            } elseif ($entry->kind->isByHand()) {
                $acts[$function][] = [$act, $entry->operation];
            }
        }
        foreach ($map->keys as $id => $key) {
            if (!$key->key->isInfrared()) {
                $acts[$key->key->function][] = [
                    new Act($key->group, Wish::pressed($key->key->operation), Presence::Here, $id),
                    $key->key->operation,
                ];
            }
        }
        $contacts = $selectors = $positions = [];
        foreach ($acts as $function => $all) {
            $contacts[$function] = new ContactPlan($function, $board->functions[$function]->kind->isMaintained(), $all);
        }
        foreach ($knobs as $id => $all) {
            $functions = isset($board->groups[$id]) ? $board->groups[$id]->functions : [$id];
            $count = isset($board->groups[$id]) ? count($functions) : $board->functions[$id]->positions;
            $selectors[$id] = new SelectorPlan($id, $functions, $count, $all);
            $positions += array_fill_keys($functions, $id);
        }

        return [$contacts, $selectors, $positions];
    }

    /**
     * @return array<string, array<string, list<array{Act, Operation}>>>
     */
    private static function keys(Board $board, ControlMap $map): array
    {
        $keys = [];
        foreach ($map->entries as $id => $entry) {
            if (SurfaceKind::InfraredKey !== $entry->kind) {
                continue;
            }
            $act = new Act($entry->line, Wish::pressed($entry->operation), self::atRemote($board, $entry->column), $id);
            if (null !== $entry->code) {
                $keys[$entry->column][PulseDistance::key($entry->code)][] = [$act, $entry->operation];
            }
            if (null !== $entry->offCode) {
                $keys[$entry->column][PulseDistance::key($entry->offCode)][] = [$act->saying(Wish::Off), Operation::Off];
            }
        }
        foreach ($map->keys as $id => $key) {
            if ($key->key->isInfrared() && null !== $key->key->code) {
                $act = new Act($key->group, Wish::pressed($key->key->operation), self::atRemote($board, $key->column), $id);
                $keys[$key->column][PulseDistance::key($key->key->code)][] = [$act, $key->key->operation];
            }
        }

        return $keys;
    }

    /** Whoever holds the remote is in the room, unless something may repeat its codes. */
    private static function atRemote(Board $board, string $receiver): Presence
    {
        return false === ($board->functions[$receiver] ?? null)?->repeated?->value ? Presence::Here : Presence::Away;
    }

    /**
     * @return array<string, ChannelPlan>
     */
    private static function channels(Board $board, ControlMap $map): array
    {
        $channels = [];
        foreach ($map->routes as $id => $route) {
            $hop = $route->hops[0];
            // What hands on never reaches the program; what writes to pins goes past it.
            if (null !== $hop->channel->via || null !== $hop->profile->setsPins) {
                continue;
            }
            $messages = array_map(static fn(Entry $entry): MessagePlan => self::message($entry, $hop), $map->on($id));
            foreach ($map->groups as $group) {
                if ($group->column === $id) {
                    $isScene = $board->lineGroups[$group->group]->kind === LineGroupKind::Scene;
                    $act = new Act($group->group, $isScene ? Wish::Scene : Wish::On, Presence::Away, $group->group);
                    $messages[] = new MessagePlan(
                        $act,
                        Addressing::Command === $hop->profile->addressing ? '' : $group->address,
                        $group->on,
                        $group->off,
                    );
                }
            }
            $form = Announced::form($hop);
            $isText = Addressing::Command === $hop->profile->addressing;
            $channels[$id] = new ChannelPlan(
                $id,
                $messages,
                !$hop->profile->addressing->isAnsweredByTheBoard(),
                Micros::of($hop->channel->blockSeconds->value ?? 0.0),
                $isText && true === $hop->channel->reading?->ignoresCase,
                $isText && true === $hop->channel->reading?->trims,
                Announced::availability($board, $hop),
                $form->here ?? '',
                $form->gone ?? '',
                Addressing::Topic === $hop->profile->addressing,
            );
        }

        return $channels;
    }

    private static function message(Entry $entry, Hop $hop): MessagePlan
    {
        $isGraded = $entry->operation->isGraded();
        $tells = $entry->direction->tellsState() && Addressing::Command !== $hop->profile->addressing ? $entry->address : '';

        return new MessagePlan(
            new Act($entry->line, Wish::On, Presence::Away, $entry->surface),
            Addressing::Command === $hop->profile->addressing ? '' : $entry->address,
            $entry->direction->commands() ? $entry->on : '',
            $entry->direction->commands() ? $entry->off : '',
            Operation::Toggle === $entry->operation ? $entry->toggle : '',
            $isGraded ? $entry->set : '',
            Operation::Steps === $entry->operation && [] === $entry->ranges,
            '' !== $entry->state ? $entry->state : $tells,
            $entry->toldOn,
            $entry->ranges,
        );
    }

    /**
     * @return array<string, SensorPlan>
     */
    private static function sensors(Board $board, ControlMap $map): array
    {
        $sensors = [];
        foreach ($map->entries as $id => $entry) {
            $surface = $board->lines[$entry->line]->surfaces[$id];
            if (SurfaceKind::SensorRule === $entry->kind && $surface->rule instanceof SensorRule) {
                $sensors[$id] = new SensorPlan(
                    new Act($entry->line, Wish::On, Presence::Itself, $id),
                    $surface->function,
                    $surface->rule,
                    Operation::Off === $entry->operation,
                );
            }
        }

        return $sensors;
    }

    /**
     * @return array<string, TimerPlan>
     */
    private static function timers(Board $board, ControlMap $map): array
    {
        $timers = [];
        foreach ($map->entries as $id => $entry) {
            $schedule = $board->lines[$entry->line]->surfaces[$id]->schedule;
            if (SurfaceKind::Timer === $entry->kind && $schedule instanceof Schedule && [] !== $schedule->times) {
                $timers[$id] = new TimerPlan(
                    new Act($entry->line, Wish::On, Presence::Itself, $id),
                    $schedule,
                    Operation::Off === $entry->operation,
                );
            }
        }

        return $timers;
    }

    /**
     * @return array<string, LampPlan>
     */
    private static function lamps(Board $board): array
    {
        $lamps = [];
        foreach ($board->lines as $line => $one) {
            foreach ($one->surfaces as $surface) {
                if (SurfaceKind::StatusLight === $surface->kind && '' !== $surface->function) {
                    $lamps[$surface->function] = new LampPlan($surface->function, LampTells::Line, $line);
                }
            }
        }
        foreach ($board->functions as $id => $function) {
            if (in_array($function->kind, [FunctionKind::StatusLed, FunctionKind::Buzzer], true)
                && null !== $function->tells && LampTells::Line !== $function->tells) {
                $lamps[$id] = new LampPlan($id, $function->tells);
            }
        }

        return $lamps;
    }

    /**
     * @return array<string, string>
     */
    private static function senses(Board $board): array
    {
        $senses = [];
        foreach ($board->lines as $id => $line) {
            if (null !== $line->sense) {
                $senses[$line->sense->function] = $id;
            }
        }

        return $senses;
    }

    /**
     * @return list<string> functions
     */
    private static function order(Board $board): array
    {
        $first = $then = [];
        foreach ($board->actuators() as $id => $actuator) {
            if ($board->mustNotStart($board->lineOf($id))) {
                $first[] = $actuator->function;
            } else {
                $then[] = $actuator->function;
            }
        }

        return [...$first, ...$then];
    }
}
