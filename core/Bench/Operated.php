<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FirmwareFacts;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\StepMap;

/** How somebody switches a line on and off by one surface, as the board states it: what is done, and how soon it must act. */
final readonly class Operated
{
    /** What people feel as at once (common practice). */
    public const PROMPT_SECONDS = 0.3;
    /** A hand that does the next thing. */
    private const APART = 0.5;

    /**
     * @param ?list<Deed> $on null where it cannot
     * @param ?list<Deed> $off
     * @param array<int, list<Deed>> $steps what leads to each step, where it can name them
     * @param float $withinSeconds of the last deed
     * @param bool $isHere in sight of the appliance
     * @param bool $flips it says that it shall be otherwise, and not what shall be
     * @param list<string> $stirs lines that may move with it, because they hear the same
     * @param ?string $gap what nobody has said, so that it cannot be tried
     */
    private function __construct(
        public string $surface,
        public string $line,
        public SurfaceKind $kind,
        public ?array $on,
        public ?array $off,
        public array $steps,
        public float $withinSeconds,
        public bool $isHere,
        public bool $flips,
        public array $stirs = [],
        public ?string $gap = null,
    ) {}

    public static function by(Board $board, ControlMap $map, Entry $entry): ?self
    {
        $surface = $board->lines[$entry->line]->surfaces[$entry->surface];

        return match (true) {
            !$entry->direction->commands() => null,
            $entry->kind->isRemote() => self::remote($board, $map, $entry),
            SurfaceKind::InfraredKey === $entry->kind => self::infrared($board, $entry, $surface),
            SurfaceKind::SensorRule === $entry->kind => self::sensor($board, $entry, $surface),
            SurfaceKind::Knob === $entry->kind => self::knob($board, $entry, $surface),
            SurfaceKind::WallSwitch === $entry->kind, SurfaceKind::PushButton === $entry->kind => self::contact($board, $entry),
            default => null,
        };
    }

    /** Seconds that a line itself takes: the pause of its steps, and its relay. */
    private static function ownSeconds(Board $board, string $line): float
    {
        $seconds = 0.05;
        foreach ($board->lines[$line]->actuators as $actuator) {
            $group = $board->groupOf($actuator->function, GroupKind::StepRelays, GroupKind::Directions, GroupKind::NeverTogether);
            $pause = null === $group ? null : $board->groups[$group]->pauseSeconds?->value;
            $seconds = max($seconds, null === $group ? 0.0 : 0.05 + (is_float($pause) ? $pause : 0.5));
        }

        return $seconds;
    }

    private static function promptSeconds(Board $board, string $line): float
    {
        return ($board->program->firmware ?? new FirmwareFacts())->debounceSeconds + self::PROMPT_SECONDS + self::ownSeconds($board, $line);
    }

    private static function contact(Board $board, Entry $entry): self
    {
        $id = $entry->surface;
        $isStaying = SurfaceKind::WallSwitch === $entry->kind;
        $press = [Deed::of(0.0, DeedKind::Press, $id)];
        [$on, $off] = match (true) {
            $isStaying && Operation::Toggle !== $entry->operation, Operation::Push === $entry->operation => [
                Operation::Off === $entry->operation ? null : [Deed::of(0.0, DeedKind::Close, $id)],
                [Deed::of(0.0, DeedKind::Open, $id)],
            ],
            default => self::pressed($board, $entry, $press),
        };

        return self::made($board, $entry, $on, $off, isHere: true);
    }

    /**
     * What a press does that is short: on, off, over, or on through the steps.
     *
     * @param list<Deed> $press
     * @return array{?list<Deed>, ?list<Deed>}
     */
    private static function pressed(Board $board, Entry $entry, array $press): array
    {
        $top = count($board->stepsOf($entry->line)?->steps() ?? [1]);
        $often = [];
        for ($step = 0; $step < $top; ++$step) {
            foreach ($press as $deed) {
                $often[] = new Deed($step * self::APART, $deed->do, $deed->what, $deed->value);
            }
        }

        return match ($entry->operation) {
            Operation::On, Operation::StepUp => [$press, null],
            Operation::Off => [null, $press],
            Operation::StepDown => [null, $often],
            Operation::Steps => [$press, $often],
            default => [$press, $press],
        };
    }

    private static function infrared(Board $board, Entry $entry, Surface $surface): self
    {
        if (null === $entry->code) {
            return self::missing($board, $entry, 'the code of its key');
        }
        $press = [Deed::of(0.0, DeedKind::Press, $entry->surface)];
        [$on, $off] = Operation::Explicit === $entry->operation ? [$press, null] : self::pressed($board, $entry, $press);
        if (null !== $entry->offCode) {
            $off = [Deed::of(0.0, DeedKind::Press, $entry->surface, 'off')];
        }
        if ($board->mustNotStart($entry->line) && null !== $on && null === $board->functions[$surface->function]->repeated?->value) {
            return self::missing($board, $entry, 'whether something repeats its infrared codes');
        }

        return self::made($board, $entry, $on, $off, isHere: true);
    }

    private static function knob(Board $board, Entry $entry, Surface $surface): self
    {
        $selector = $board->groupOf($surface->function, GroupKind::Selector);
        $positions = null === $selector ? $board->functions[$surface->function]->positions : count($board->groups[$selector]->functions);
        $top = count($board->stepsOf($entry->line)?->steps() ?? [1]);
        $turn = static fn(int $position): array => [Deed::of(0.0, DeedKind::Turn, $entry->surface, (string) $position)];
        $first = $positions > $top ? 1 : 0;
        $steps = [];
        for ($step = 1; $step <= $top && $first + $step - 1 < $positions; ++$step) {
            $steps[$step] = $turn($first + $step - 1);
        }

        return self::made($board, $entry, $turn($first), $turn($first - 1), isHere: true, steps: $steps, more: 0.5);
    }

    private static function sensor(Board $board, Entry $entry, Surface $surface): self
    {
        $rule = $surface->rule;
        if (null === $rule) {
            return self::missing($board, $entry, 'when its sensor switches');
        }
        [$on, $off] = [$rule->on(), $rule->off()];
        $says = static fn(string $value): array => [Deed::of(0.0, DeedKind::Sensor, $entry->surface, $value)];
        $isNumber = null !== $on && null !== $off;
        $beyond = static fn(float $value, bool $higher): string => (string) ($value + ($higher ? 0.5 : -0.5));
        $switchesOn = $says($isNumber ? $beyond($on, $on > $off) : 'yes');
        $switchesOff = $says($isNumber ? $beyond($off, $off > $on) : 'no');
        if (Operation::Off === $entry->operation) {
            [$switchesOn, $switchesOff] = [null, $isNumber ? $switchesOff : $says('yes')];
        }
        $stirs = [];
        foreach ($board->lines as $line => $one) {
            foreach ($one->surfaces as $other) {
                if ($other->function === $surface->function && $line !== $entry->line) {
                    $stirs[] = $line;
                }
            }
        }

        return self::made(
            $board,
            $entry,
            $switchesOn,
            $switchesOff,
            isHere: false,
            more: 2 * Customary::READING_SECONDS + max($rule->leastOnSeconds, $rule->leastOffSeconds),
            stirs: $stirs,
        );
    }

    private static function remote(Board $board, ControlMap $map, Entry $entry): self
    {
        $route = $map->routes[$entry->column];
        $last = $route->hops[count($route->hops) - 1];
        $connects = null === $last->profile->setsPins && !$last->profile->addressing->isAnsweredByTheBoard();
        if ($connects && null === $last->channel->blockSeconds) {
            // One fact for all that comes by that channel.
            return new self($entry->surface, $entry->line, $entry->kind, null, null, [], 0.0, false, false, gap: sprintf(
                'Everything by “%s”: whether all else waits while the program reconnects',
                $last->channel->name,
            ));
        }
        $say = static fn(string $word): array => [Deed::of(0.0, DeedKind::Say, $entry->surface, $word)];
        $isGraded = $entry->operation->isGraded();
        $flips = Operation::Toggle === $entry->operation;
        $steps = [];
        foreach ($isGraded ? self::ranges($board, $entry) : [] as $step => [$least, $most]) {
            if ($step > 0) {
                $steps[$step] = $say((string) intdiv($least + $most, 2));
            }
        }

        return self::made(
            $board,
            $entry,
            $entry->operation->canSwitchOn() ? $say($flips ? 'toggle' : ($isGraded ? '100' : 'on')) : null,
            $say($flips ? 'toggle' : ($isGraded ? '0' : 'off')),
            isHere: false,
            steps: $steps,
            more: Ways::slowest($route),
        );
    }

    /**
     * @return array<int, array{int, int}> least and greatest percentage by step; none for a line without steps
     */
    private static function ranges(Board $board, Entry $entry): array
    {
        $group = $board->stepsOf($entry->line);

        return match (true) {
            null === $group => [],
            [] !== $entry->ranges => $entry->ranges,
            default => StepMap::ranges(count($group->steps())),
        };
    }

    /**
     * @param ?list<Deed> $on
     * @param ?list<Deed> $off
     * @param array<int, list<Deed>> $steps
     * @param float $more seconds over what a hand on the board takes
     * @param list<string> $stirs
     */
    private static function made(
        Board $board,
        Entry $entry,
        ?array $on,
        ?array $off,
        bool $isHere,
        array $steps = [],
        float $more = 0.0,
        array $stirs = [],
    ): self {
        return new self(
            $entry->surface,
            $entry->line,
            $entry->kind,
            $on,
            $off,
            $steps,
            self::promptSeconds($board, $entry->line) + $more,
            $isHere,
            in_array(
                $entry->operation,
                [Operation::Toggle, Operation::Steps],
                true,
            ) && !$entry->kind->isRemote() || Operation::Toggle === $entry->operation,
            $stirs,
        );
    }

    private static function missing(Board $board, Entry $entry, string $what): self
    {
        return new self($entry->surface, $entry->line, $entry->kind, null, null, [], 0.0, false, false, gap: sprintf(
            '%s of “%s”: %s',
            ucfirst($entry->kind->value),
            $board->lines[$entry->line]->name,
            $what,
        ));
    }
}
