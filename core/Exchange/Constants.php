<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\StateFirmware;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Controls\SetThresholds;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Lines\StateStagger;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\OutputOrder;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Schedule;
use IronLatch\Core\Board\SensorRule;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Control\StepMap;
use IronLatch\Core\Review\Inspection;

/** Everything that a program must know of its board, as constants: pins, levels, order, switches, codes, names, steps, versions. */
final class Constants
{
    /** Longer than any relay takes to open, and than a coupler needs to hear it (common practice). */
    private const WELD_ALARM_MILLISECONDS = 1000;

    /**
     * @return array<string, Constant> by name, in their order
     */
    public static function of(Inspection $inspection): array
    {
        $board = $inspection->board;
        $all = [];
        foreach ([
            ...self::board($board),
            ...self::order($inspection),
            ...self::lines($inspection),
            ...self::others($inspection),
            ...OtherConstants::of($inspection),
        ] as $constant) {
            // Nothing is dropped: whatever would bear a name that is taken bears a number behind it.
            $named = $constant;
            for ($behind = 2; isset($all[$named->name]); ++$behind) {
                $named = $constant->named($constant->name . '_' . $behind);
            }
            $all[$named->name] = $named;
        }

        return $all;
    }

    /**
     * @return list<Constant>
     */
    private static function board(Board $board): array
    {
        $facts = $board->program->firmware ?? new FirmwareFacts();
        $all = [
            new Constant('Board', 'BOARD_NAME', $board->name),
            new Constant('Board', 'CONTROLLER', $board->controller()->chip->identity->name),
            new Constant('Board', 'LINE_COUNT', count($board->lines)),
            new Constant(
                'Board',
                'CONSOLE_RATE',
                $facts->consoleRate,
                'bits per second',
                adopt: static fn(string $value): ?Edit => ctype_digit($value)
                    ? new StateFirmware($facts->with(consoleRate: (int) $value))
                    : null,
            ),
            new Constant(
                'Board',
                'RADIO_RATE',
                $facts->radioRate,
                'bits per second of a serial radio, the same at both ends',
                adopt: static fn(string $value): ?Edit => ctype_digit($value)
                    ? new StateFirmware($facts->with(radioRate: (int) $value))
                    : null,
            ),
            new Constant(
                'Board',
                'DEBOUNCE_MS',
                (int) round($facts->debounceSeconds * 1e3),
                'a contact must rest so long before it counts',
                adopt: static fn(string $value): ?Edit => ctype_digit($value)
                    ? new StateFirmware($facts->with(debounceSeconds: (int) $value / 1e3))
                    : null,
            ),
        ];
        if (is_float($board->program->staggerSeconds?->value)) {
            $all[] = new Constant(
                'Board',
                'STAGGER_MS',
                (int) round($board->program->staggerSeconds->value * 1e3),
                'between lines that start together',
                adopt: static fn(string $value): ?Edit => ctype_digit($value) ? new StateStagger((int) $value / 1e3) : null,
            );
        }
        foreach ([
            'BOARD_PACKAGE' => $facts->boardPackage,
            'BOARD_TYPE' => $facts->boardType,
            'PARTITIONS' => $facts->partitions,
        ] as $name => $value) {
            if ('' !== $value) {
                $all[] = new Constant('Board', $name, $value, 'build with this and no other');
            }
        }
        foreach ($facts->libraries as $number => $library) {
            $all[] = new Constant(
                'Board',
                'LIBRARY_' . ($number + 1),
                trim($library->name . ' ' . $library->version),
                'build with this and no other',
            );
        }
        foreach ($board->upload() as $number => $step) {
            $all[] = new Constant('Board', 'UPLOAD_STEP_' . ($number + 1), $step);
        }

        return $all;
    }

    /**
     * Relay outputs in the order in which they are made outputs: first those whose appliance must never start by itself.
     *
     * @return list<Constant>
     */
    private static function order(Inspection $inspection): array
    {
        $board = $inspection->board;
        $first = $then = [];
        foreach ($board->actuators() as $id => $actuator) {
            $line = $board->lineOf($id);
            $pin = $inspection->seating->pins[$actuator->function] ?? null;
            if (null === $pin || null === PinNumbers::ofProgram($pin)) {
                continue;
            }
            $board->mustNotStart($line) ? $first[$id] = [$pin, $actuator, $line] : $then[$id] = [$pin, $actuator, $line];
        }
        $all = [new Constant(
            'Order at start',
            'INIT_LEVEL_FIRST',
            OutputOrder::LevelFirst === $board->program->outputOrder->value ? 1 : 0,
            '1: the off level is on the pin before it drives',
        )];
        $number = 0;
        foreach ([...$first, ...$then] as [$pin, $actuator, $line]) {
            ++$number;
            $all[] = new Constant(
                'Order at start',
                sprintf('INIT_%d_PIN', $number),
                (int) PinNumbers::ofProgram($pin),
                $board->nameOf($actuator->function) . ', ' . $pin->bothNames(),
            );
            if (null !== $pin->expander) {
                $all[] = new Constant(
                    'Order at start',
                    sprintf('INIT_%d_EXPANDER', $number),
                    $pin->expander,
                    'its pin is a bit of this expander',
                );
            }
            if ($actuator->activeLevel->value instanceof Level) {
                $all[] = new Constant(
                    'Order at start',
                    sprintf('INIT_%d_LEVEL', $number),
                    Level::High === $actuator->activeLevel->value ? 0 : 1,
                    'off',
                );
            }
        }
        $all[] = new Constant('Order at start', 'INIT_COUNT', $number);

        return $all;
    }

    /**
     * @return list<Constant>
     */
    private static function lines(Inspection $inspection): array
    {
        $board = $inspection->board;
        $all = [];
        foreach ($board->lines as $lineId => $line) {
            $id = $inspection->controls->identifiers[$lineId];
            $section = $line->name;
            $all[] = new Constant(
                $section,
                $id . '_NAME',
                $line->name,
                adopt: static fn(string $value): Edit => new RenameLine($lineId, $value),
            );
            $all[] = new Constant($section, $id . '_ID', $lineId);
            $number = 0;
            foreach ($line->actuators as $actuatorId => $actuator) {
                ++$number;
                array_push(
                    $all,
                    ...self::relay($inspection, $section, $id . (1 === $number ? '' : '_RELAY_' . $number), $actuatorId, $actuator),
                );
            }
            array_push($all, ...self::steps($inspection, $section, $id, $lineId));
            $restore = $line->safety?->restore?->value;
            if ($restore instanceof RestorePolicy) {
                $all[] = new Constant(
                    $section,
                    $id . '_RESTORE',
                    $restore->value,
                    'after a power cut',
                    adopt: static fn(string $value): ?Edit => null === RestorePolicy::tryFrom($value)
                        ? null
                        : new StateSafety([$lineId], restore: RestorePolicy::from($value)),
                );
            }
            if ($board->mustNotStart($lineId)) {
                $all[] = new Constant($section, $id . '_NEVER_STARTS_ITSELF', 1, 'no restore, no group, no timer may switch it on');
            }
            array_push($all, ...self::bothWays($inspection, $section, $id, $lineId));
            if (null !== $line->sense) {
                $all[] = new Constant(
                    $section,
                    $id . '_WELD_ALARM_MS',
                    self::WELD_ALARM_MILLISECONDS,
                    'on so long though told to be off: its contact has welded',
                );
            }
            if (is_float($line->safety?->restSeconds?->value)) {
                $all[] = new Constant(
                    $section,
                    $id . '_REST_MS',
                    (int) round($line->safety->restSeconds->value * 1e3),
                    'off for at least so long, after a power cut too',
                    adopt: static fn(string $value): ?Edit => ctype_digit($value)
                        ? new StateSafety([$lineId], restSeconds: (int) $value / 1e3)
                        : null,
                );
            }
            $counts = [];
            foreach ($inspection->controls->ofLine($lineId) as $entry) {
                array_push($all, ...self::surface($inspection, $section, $id, $entry, $counts));
            }
        }

        return $all;
    }

    /**
     * @return list<Constant>
     */
    private static function relay(Inspection $inspection, string $section, string $id, string $actuatorId, Actuator $actuator): array
    {
        $all = self::pin($inspection, $section, $id, $actuator->function);
        $level = $actuator->activeLevel->value;
        if ($level instanceof Level) {
            $all[] = new Constant(
                $section,
                $id . '_ON_LEVEL',
                Level::High === $level ? 1 : 0,
                'level at the pin that switches on',
                adopt: static fn(string $value): ?Edit => in_array($value, ['0', '1'], true)
                    ? new StateActiveLevel([$actuatorId], '1' === $value ? Level::High : Level::Low)
                    : null,
            );
        }

        return $all;
    }

    /**
     * @return list<Constant> none while the function has no pin
     */
    public static function pin(Inspection $inspection, string $section, string $id, string $function): array
    {
        $pin = $inspection->seating->pins[$function] ?? null;
        $number = null === $pin ? null : PinNumbers::ofProgram($pin);
        if (null === $pin || null === $number) {
            return [];
        }
        [$controller, $expander] = [$inspection->controller, $pin->expander];
        $seat = static function (string $value) use ($controller, $function, $expander): ?Edit {
            $found = self::pinOf($controller, $value, $expander);

            return null === $found ? null : new SeatFunction($function, $found->name());
        };
        $all = [new Constant($section, $id . '_PIN', $number, $pin->bothNames(), isPin: true, adopt: $seat)];
        if (null !== $pin->expander) {
            $all[] = new Constant($section, $id . '_EXPANDER', $pin->expander, 'its pin is a bit of this expander');
        }

        return $all;
    }

    /** The pin that a program calls so: a bit of the same expander, else by the number of the chip, else by its print. */
    private static function pinOf(Controller $controller, string $value, ?string $expander): ?Pin
    {
        foreach (null !== $expander && ctype_digit($value) ? $controller->pins : [] as $pin) {
            if ($pin->expander === $expander && PinNumbers::ofProgram($pin) === (int) $value) {
                return $pin;
            }
        }
        $reading = $controller->read($value);

        return $reading->asNumber ?? $reading->asLabel ?? (ctype_digit($value) ? $controller->read('D' . $value)->best() : null);
    }

    /**
     * How long a motor that runs both ways may run, and rests before it turns round.
     *
     * @return list<Constant>
     */
    private static function bothWays(Inspection $inspection, string $section, string $id, string $lineId): array
    {
        $board = $inspection->board;
        $actuators = $board->lines[$lineId]->actuators;
        $first = $actuators[array_key_first($actuators) ?? ''] ?? null;
        $group = null === $first ? null : $board->groupOf($first->function, GroupKind::Directions);
        $all = [];
        foreach (null === $group ? [] : [
            '_RUN_LIMIT_MS' => [$board->groups[$group]->reversal?->runSeconds?->value, 'stopped after so long, whatever it hears'],
            '_TURN_PAUSE_MS' => [$board->groups[$group]->pauseSeconds?->value, 'at rest between the two ways'],
        ] as $ending => [$seconds, $words]) {
            if (is_float($seconds)) {
                $all[] = new Constant($section, $id . $ending, (int) round($seconds * 1e3), $words);
            }
        }

        return $all;
    }

    /**
     * @return list<Constant>
     */
    private static function steps(Inspection $inspection, string $section, string $id, string $lineId): array
    {
        $board = $inspection->board;
        $group = $board->stepsOf($lineId);
        if (null === $group) {
            return [];
        }
        $functions = array_map(
            static fn(Actuator $actuator): string => $actuator->function,
            array_values($board->lines[$lineId]->actuators),
        );
        $order = array_keys($inspection->mains->fans[(string) array_search($group, $board->groups, true)]->steps ?? []);
        $steps = [] === $order ? array_map(static fn($step): array => $step->relays, $group->steps()) : array_map(
            static fn(string $key): array => explode('+', $key),
            $order,
        );
        $all = [new Constant($section, $id . '_STEPS', count($steps), 'never two at once; open all before one closes')];
        if (is_float($group->pauseSeconds?->value)) {
            $all[] = new Constant(
                $section,
                $id . '_STEP_PAUSE_MS',
                (int) round($group->pauseSeconds->value * 1e3),
                'between opening and closing',
            );
        }
        $entry = $inspection->controls->ofLine($lineId)[0] ?? null;
        $ranges = $entry->ranges ?? StepMap::ranges(count($steps));
        foreach ($steps as $index => $relays) {
            $bits = array_sum(array_map(static fn(string $relay): int => 1 << (int) array_search($relay, $functions, true), $relays));
            $all[] = new Constant($section, sprintf('%s_STEP_%d_RELAYS', $id, $index + 1), $bits, 'bit 0: the first relay of the line');
            $threshold = null === $entry ? null : static function (string $value) use ($entry, $ranges, $index): ?Edit {
                $from = array_map(static fn(array $range): int => $range[0], array_slice($ranges, 1));
                $from[$index] = (int) $value;

                return ctype_digit($value) ? new SetThresholds($entry->surface, array_values($from)) : null;
            };
            $all[] = new Constant(
                $section,
                sprintf('%s_STEP_%d_FROM', $id, $index + 1),
                $ranges[$index + 1][0] ?? 100,
                'percent from which it runs; 0 is off',
                adopt: $threshold,
            );
        }

        return $all;
    }

    /**
     * In one piece: a table from the kind of surface to its constants.
     *
     * @param array<string, int> $counts of each name so far; grows
     * @return list<Constant>
     */
    private static function surface(Inspection $inspection, string $section, string $id, Entry $entry, array &$counts): array
    {
        // What hands on to another hop never reaches the program.
        if (null !== ($inspection->board->channels[$entry->column] ?? null)?->via) {
            return [];
        }
        $surface = $inspection->board->lines[$entry->line]->surfaces[$entry->surface];
        $stem = $id . '_' . ControlMap::identifier(match (true) {
            $entry->kind->isRemote() => $inspection->controls->columns[$entry->column]->title,
            SurfaceKind::InfraredKey === $entry->kind => 'key',
            SurfaceKind::WallSwitch === $entry->kind => 'switch',
            SurfaceKind::PushButton === $entry->kind => 'button',
            default => $entry->kind->value,
        });
        $counts[$stem] = ($counts[$stem] ?? 0) + 1;
        $stem .= 1 === $counts[$stem] ? '' : '_' . $counts[$stem];
        $all = [];
        if (SurfaceKind::InfraredKey === $entry->kind) {
            foreach ([['', $entry->code, false], ['_OFF', $entry->offCode, true]] as [$ending, $code, $forOff]) {
                if (null !== $code) {
                    $all[] = self::code($section, $stem . $ending, $code, $entry->surface, $forOff);
                }
            }
        } elseif ('' !== $surface->function) {
            array_push($all, ...self::pin($inspection, $section, $stem, $surface->function));
            array_push($all, ...self::sensor($section, $stem, $surface->rule));
            if ($entry->kind->isByHand()) {
                $all[] = new Constant(
                    $section,
                    $stem . '_KIND',
                    SurfaceKind::WallSwitch === $entry->kind ? 'maintained' : (SurfaceKind::Knob === $entry->kind ? 'knob' : 'momentary'),
                );
            }
        }
        if ($entry->kind->isRemote()) {
            $tell = static fn(string $address, string $on, string $off): Edit => new TellSurface(
                $entry->surface,
                $surface->operation,
                $address,
                $on,
                $off,
                $surface->promisesFeedback,
            );
            $all[] = new Constant(
                $section,
                $stem,
                $entry->address,
                adopt: static fn(string $value): Edit => $tell($value, $surface->on, $surface->off),
            );
            $all[] = new Constant(
                $section,
                $stem . '_ON',
                $entry->on,
                adopt: static fn(string $value): Edit => $tell($surface->address, $value, $surface->off),
            );
            $all[] = new Constant(
                $section,
                $stem . '_OFF',
                $entry->off,
                adopt: static fn(string $value): Edit => $tell($surface->address, $surface->on, $value),
            );
            foreach ([
                '_TOGGLE' => Operation::Toggle === $entry->operation ? $entry->toggle : '',
                '_SET' => $entry->operation->isGraded() ? $entry->set : '',
                '_STATE' => $entry->state,
            ] as $ending => $value) {
                if ('' !== $value) {
                    $all[] = new Constant($section, $stem . $ending, $value);
                }
            }
        }
        array_push($all, ...self::times($section, $stem, $surface->schedule));
        if ($entry->direction->commands()) {
            $all[] = new Constant(
                $section,
                $stem . '_ACTS',
                $entry->operation->value,
                SurfaceKind::Knob === $entry->kind ? 'counts when it is moved, and not before' : '',
            );
        }

        return $all;
    }

    /**
     * @return list<Constant> thresholds in tenths, so that a program needs no fractions
     */
    private static function sensor(string $section, string $stem, ?SensorRule $rule): array
    {
        if (null === $rule) {
            return [];
        }
        $all = [new Constant($section, $stem . '_SENSES', $rule->sensed->value)];
        foreach (['_ON_AT_TENTHS' => $rule->on(), '_OFF_AT_TENTHS' => $rule->off()] as $ending => $value) {
            if (null !== $value) {
                $all[] = new Constant($section, $stem . $ending, (int) round($value * 10), 'tenths of ' . $rule->unit()->value);
            }
        }
        foreach (['_LEAST_ON_MS' => $rule->leastOnSeconds, '_LEAST_OFF_MS' => $rule->leastOffSeconds] as $ending => $seconds) {
            if ($seconds > 0) {
                $all[] = new Constant($section, $stem . $ending, (int) round($seconds * 1e3), 'whatever the sensor says');
            }
        }
        if (null !== $rule->whenLost) {
            $all[] = new Constant(
                $section,
                $stem . '_WHEN_LOST',
                $rule->whenLost->value,
                'when the sensor says nothing, or nothing that can be',
            );
        }

        return $all;
    }

    /**
     * @return list<Constant>
     */
    private static function times(string $section, string $stem, ?Schedule $schedule): array
    {
        $all = [];
        foreach ($schedule->times ?? [] as $number => $time) {
            $all[] = new Constant($section, sprintf('%s_TIME_%d', $stem, $number + 1), $time->said());
        }
        if (null !== $schedule?->clock) {
            $all[] = new Constant($section, $stem . '_CLOCK', $schedule->clock->value);
        }
        if (null !== $schedule?->missed) {
            $all[] = new Constant(
                $section,
                $stem . '_MISSED',
                $schedule->missed->value,
                'a time that passed while the board was dead or did not know the time',
            );
        }

        return $all;
    }

    public static function code(string $section, string $name, InfraredCode $code, string $surface, bool $forOff): Constant
    {
        return new Constant(
            $section,
            $name,
            $code->bits > 60 ? $code->printed() : (int) hexdec($code->value),
            sprintf('%d bits, %s', $code->bits, $code->encoding->value),
            true,
            adopt: static fn(string $value): ?Edit => 1 === preg_match('/^(0x[0-9A-F]{1,16}|\\d{1,18})$/i', $value) ? new AssignCode(
                $surface,
                ctype_digit($value) ? dechex((int) $value) : $value,
                $code->encoding,
                $code->bits,
                $forOff,
            ) : null,
        );
    }

    /**
     * Receivers, sensors and everything else that has a pin and belongs to no single line; groups of lines.
     *
     * @return list<Constant>
     */
    private static function others(Inspection $inspection): array
    {
        $board = $inspection->board;
        $mentioned = [];
        foreach ($board->lines as $line) {
            foreach ($line->surfaces as $surface) {
                if (SurfaceKind::InfraredKey !== $surface->kind) {
                    $mentioned[$surface->function] = true;
                }
            }
        }
        $all = [];
        foreach ($board->functions as $id => $function) {
            if (!isset($mentioned[$id]) && null === $board->actuatorOf($id)) {
                array_push($all, ...self::pin($inspection, 'Other pins', ControlMap::identifier($function->name), $id));
            }
        }
        foreach ($inspection->controls->groups as $group) {
            $stem = 'GROUP_' . ControlMap::identifier($board->lineGroups[$group->group]->name);
            $channel = ControlMap::identifier($board->channels[$group->column]->name);
            $all[] = new Constant('Groups', $stem . '_' . $channel, $group->address);
            if ('' !== $group->on) {
                $all[] = new Constant('Groups', $stem . '_' . $channel . '_ON', $group->on);
            }
            $all[] = new Constant('Groups', $stem . '_' . $channel . '_OFF', $group->off);
        }
        foreach ($board->lineGroups as $group) {
            $bits = 0;
            foreach (array_keys($board->lines) as $place => $line) {
                $bits |= in_array($line, $group->lines, true) ? 1 << $place : 0;
            }
            $all[] = new Constant(
                'Groups',
                'GROUP_' . ControlMap::identifier($group->name) . '_LINES',
                $bits,
                'bit 0: the first line of this file',
            );
        }

        return $all;
    }
}
