<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\SuppliedExpander;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Quantity\Spread;

/** What must hold on every board, finished or not: whatever is pointed at is there, and no id is used twice. */
final class BoardIntegrity
{
    private const NAME_LENGTH = 120;

    /**
     * @return Controller what the functions are seated on
     * @throws \InvalidArgumentException with what is wrong and where
     */
    public static function verify(Board $board): Controller
    {
        self::name($board->name, 'The board');
        self::part($board, $board->mcu->carrier, Carrier::class, 'carrier');
        $carrier = $board->parts[$board->mcu->carrier];
        if ($carrier instanceof Carrier) {
            self::part($board, $carrier->chip, Chip::class, 'chip');
        }
        self::part($board, $board->mains, MainsSystem::class, 'mains system');
        foreach ($board->parts as $id => $part) {
            if ($part->identity()->id !== $id) {
                throw new \InvalidArgumentException(sprintf('The part under “%s” calls itself “%s”.', $id, $part->identity()->id));
            }
        }
        foreach ($board->rails as $id => $rail) {
            self::name($rail->name, 'The rail ' . $id);
        }
        self::rails($board);
        self::rail($board, $board->mcu->rail, 'The controller');
        self::driver($board, $board->defaults->driver, 'the defaults');
        self::part($board, $board->defaults->relay, Relay::class, 'relay of the defaults');
        self::rail($board, $board->defaults->rail, 'New lines');
        self::limits($board);
        self::lines($board);
        $expanders = self::expanders($board);
        $carrier = $board->part($board->mcu->carrier, Carrier::class);
        $controller = new Controller($carrier, $board->part($carrier->chip, Chip::class), $expanders);
        $pins = $controller->pins;
        self::groups($board);
        foreach ($board->seats as $function => $seat) {
            self::function($board, $function, 'A seat');
            if (!isset($pins[$seat->pin])) {
                if (1 === preg_match('/^(X\d+)\./', $seat->pin, $match)) {
                    throw new \InvalidArgumentException(sprintf(
                        '%s sits on %s, which is no pin of an expander on the board.',
                        $function,
                        $seat->pin,
                    ));
                }
                throw new \InvalidArgumentException(sprintf('%s sits on %s, which the carrier does not lead out.', $function, $seat->pin));
            }
        }
        foreach ($board->acceptances as $key => $acceptance) {
            if ($acceptance->key() !== $key) {
                throw new \InvalidArgumentException(sprintf('The acceptance under “%s” is for “%s”.', $key, $acceptance->key()));
            }
        }
        foreach (array_keys($board->frozenSeats) as $function) {
            self::function($board, $function, 'The frozen pin map');
        }
        if (null !== $board->box?->fuse) {
            self::part($board, $board->box->fuse, MainsFuse::class, 'fuse');
        }
        self::devices($board, $controller);
        self::channels($board);
        self::counters($board);

        return $controller;
    }

    /** What a board may have at most, so that whatever is allowed stays usable. */
    public const MOST = [
        'lines' => 128,
        'functions' => 512,
        'rails' => 32,
        'groups' => 64,
        'expanders' => 16,
        'devices' => 32,
        'channels' => 16,
        'lineGroups' => 64,
        'scenarios' => 32,
    ];

    private static function limits(Board $board): void
    {
        foreach (self::MOST as $what => $most) {
            if (count($board->{$what}) > $most) {
                throw new \InvalidArgumentException(sprintf(
                    'A board has at most %d %s. Take one away first, or divide it into two boards.',
                    $most,
                    strtolower((string) preg_replace('/(?=[A-Z])/', ' ', $what)),
                ));
            }
        }
    }

    /** Every rail is fed by what can feed it, and no rail in the end by itself. */
    private static function rails(Board $board): void
    {
        foreach ($board->rails as $id => $rail) {
            $feeder = $board->parts[$rail->supply] ?? null;
            if (null === $feeder) {
                throw new \InvalidArgumentException(sprintf(
                    'The facts of the part “%s” (supply of rail %s) are missing from the board.',
                    $rail->supply,
                    $id,
                ));
            }
            if (!$feeder instanceof Supply && !$feeder instanceof Converter && !$feeder instanceof Carrier) {
                throw new \InvalidArgumentException(sprintf('The part “%s” cannot be the supply of rail %s.', $rail->supply, $id));
            }
            if ($feeder instanceof Carrier && ($rail->supply !== $board->mcu->carrier || !$feeder->givesWhenFedAt($board->mcu->entry))) {
                throw new \InvalidArgumentException(sprintf(
                    'The rail %s is to come from the carrier, which leads out no voltage of its own as it is fed.',
                    $id,
                ));
            }
            if (($feeder instanceof Converter) !== (null !== $rail->from)) {
                throw new \InvalidArgumentException(sprintf('The rail %s: a converter is fed from a rail, and nothing else is.', $id));
            }
            if ($rail->throughUsb && !$feeder instanceof Supply) {
                throw new \InvalidArgumentException(sprintf('The rail %s: only a source is plugged into the carrier’s USB socket.', $id));
            }
            if (null !== $rail->from) {
                self::rail($board, $rail->from, 'The converter of ' . $id);
            }
            foreach ($rail->protection as $part) {
                self::part($board, $part, Protection::class, 'protection of rail ' . $id);
            }
        }
        foreach (array_keys($board->rails) as $id) {
            $seen = [];
            for ($at = $id; null !== $at; $at = self::fedFrom($board, $at)) {
                if (isset($seen[$at])) {
                    throw new \InvalidArgumentException(sprintf('The rail %s is fed by itself in the end.', $id));
                }
                $seen[$at] = true;
            }
        }
    }

    /** The rail on which what feeds a rail hangs itself. */
    private static function fedFrom(Board $board, string $rail): ?string
    {
        $from = $board->rails[$rail]->from ?? null;

        return ($board->parts[$board->rails[$rail]->supply ?? ''] ?? null) instanceof Carrier ? $board->mcu->rail : $from;
    }

    private static function devices(Board $board, Controller $controller): void
    {
        foreach ($board->devices as $id => $device) {
            self::name($device->name, 'The device ' . $id);
            self::part($board, $device->part, Device::class, 'device ' . $id);
            if (null !== $device->rail) {
                self::rail($board, $device->rail, 'The device ' . $id);
            }
            if (null !== $device->function) {
                self::function($board, $device->function, 'The device ' . $id);
            }
            if (null !== $device->pin && !isset($controller->pins[$device->pin])) {
                throw new \InvalidArgumentException(sprintf(
                    'The device %s is fed from %s, which the carrier does not lead out.',
                    $id,
                    $device->pin,
                ));
            }
        }
        foreach ($board->scenarios as $id => $scenario) {
            self::name($scenario->name, 'The scenario ' . $id);
            foreach ($scenario->lines as $line) {
                if (!isset($board->lines[$line])) {
                    throw new \InvalidArgumentException(sprintf(
                        'The scenario %s has the line “%s”, which is not on the board.',
                        $id,
                        $line,
                    ));
                }
            }
        }
    }

    /**
     * @return array<string, SuppliedExpander> by id
     */
    private static function expanders(Board $board): array
    {
        $supplied = [];
        foreach ($board->expanders as $id => $fitted) {
            self::name($fitted->name, 'The expander ' . $id);
            self::part($board, $fitted->part, Expander::class, 'expander ' . $id);
            $expander = $board->part($fitted->part, Expander::class);
            $bus = $board->groups[$fitted->bus] ?? null;
            if (null === $bus || $bus->kind !== ($expander->kind->isOnI2c() ? GroupKind::I2c : GroupKind::ShiftChain)) {
                throw new \InvalidArgumentException(sprintf(
                    'The expander %s hangs on “%s”, which is no %s of the board.',
                    $id,
                    $fitted->bus,
                    $expander->kind->isOnI2c() ? 'I2C bus' : 'shift register chain',
                ));
            }
            if (null !== $fitted->rail) {
                self::rail($board, $fitted->rail, 'The expander ' . $id);
            }
            $chip = $board->part($board->part($board->mcu->carrier, Carrier::class)->chip, Chip::class);
            $supplied[$id] = new SuppliedExpander(
                $expander,
                null === $fitted->rail ? $chip->electrics->supply : self::expanderVolts($board, $fitted->rail),
                $fitted->heldOff,
            );
        }

        return $supplied;
    }

    /** What a rail gives an expander, before the controller is known whose socket it may come through. */
    private static function expanderVolts(Board $board, string $rail): Spread
    {
        return $board->source($rail)->output ?? $board->regulation($rail)->output ?? Spread::exactly(0.0);
    }

    private static function groups(Board $board): void
    {
        $taken = [];
        foreach ($board->groups as $id => $group) {
            self::name($group->name, 'The group ' . $id);
            foreach ($group->functions as $function) {
                self::function($board, $function, 'The group ' . $id);
                // A function stands in one order and on one bus.
                self::unique($taken, $group->kind->value . ' ' . $function);
            }
            foreach ($group->bank->capacitors ?? [] as $capacitor) {
                if (!in_array($capacitor->function, $group->functions, true)) {
                    throw new \InvalidArgumentException(sprintf(
                        'The group %s has a capacitor for %s, which is none of its steps.',
                        $id,
                        $capacitor->function,
                    ));
                }
            }
            foreach ($group->bank->patterns ?? [] as $pattern) {
                if ([] !== array_diff($pattern->relays, $group->functions)) {
                    throw new \InvalidArgumentException(sprintf('The group %s has a step with a relay that is none of its own.', $id));
                }
            }
            if ((null !== $group->i2c) !== (GroupKind::I2c === $group->kind)) {
                throw new \InvalidArgumentException(sprintf(
                    'The group %s: the facts of an I2C bus belong to every I2C bus and to nothing else.',
                    $id,
                ));
            }
        }
    }

    private static function channels(Board $board): void
    {
        foreach ($board->lineGroups as $id => $group) {
            self::name($group->name, 'The group of lines ' . $id);
            foreach ([
                [$group->lines, $board->lines, 'line'],
                [$group->channels, $board->channels, 'channel'],
            ] as [$members, $there, $what]) {
                foreach ($members as $member) {
                    if (!isset($there[$member])) {
                        throw new \InvalidArgumentException(sprintf(
                            'The group of lines %s names “%s”, which is no %s of the board.',
                            $id,
                            $member,
                            $what,
                        ));
                    }
                }
            }
        }
    }

    private static function lines(Board $board): void
    {
        $taken = [];
        foreach ($board->functions as $id => $function) {
            self::name($function->name, 'The function ' . $id);
        }
        foreach ($board->channels as $id => $channel) {
            self::name($channel->name, 'The channel ' . $id);
            self::part($board, $channel->profile, SurfaceProfile::class, 'channel ' . $id);
        }
        foreach ($board->lines as $lineId => $line) {
            self::name($line->name, 'The line ' . $lineId);
            self::part($board, $line->appliance, Appliance::class, 'appliance of line ' . $lineId);
            if (null !== $line->feed) {
                self::rail($board, $line->feed, 'The appliance of ' . $lineId);
            }
            foreach ($line->surfaces as $id => $surface) {
                self::unique($taken, $id);
                if ('' !== $surface->function || !$surface->kind->isRemote() && SurfaceKind::Timer !== $surface->kind) {
                    self::function($board, $surface->function, 'The surface ' . $id);
                }
                if (null !== $surface->channel) {
                    $channel = $board->channels[$surface->channel] ?? throw new \InvalidArgumentException(sprintf(
                        'The surface %s comes by way of “%s”, which is no channel of the board.',
                        $id,
                        $surface->channel,
                    ));
                    if (SurfaceKind::of($board->profile($channel)->addressing) !== $surface->kind) {
                        throw new \InvalidArgumentException(sprintf(
                            'The surface %s is a %s, but its channel calls lines by %s.',
                            $id,
                            $surface->kind->value,
                            $board->profile($channel)->addressing->value,
                        ));
                    }
                }
            }
            foreach ($line->actuators as $id => $actuator) {
                self::unique($taken, $id);
                self::function($board, $actuator->function, 'The relay ' . $id);
                self::unique($taken, 'output ' . $actuator->function);
                if (FunctionKind::RelayOutput !== $board->functions[$actuator->function]->kind) {
                    throw new \InvalidArgumentException(sprintf(
                        'The relay %s is switched by %s, which is no relay output.',
                        $id,
                        $actuator->function,
                    ));
                }
                if (
                    null !== $actuator->opens
                    && ($id === $actuator->opens || null !== ($line->actuators[$actuator->opens]->opens ?? null) || !isset($line->actuators[$actuator->opens]))
                ) {
                    throw new \InvalidArgumentException(sprintf(
                        'The relay %s is to open the contact of %s, which is no other relay of its line.',
                        $id,
                        $actuator->opens,
                    ));
                }
                if (null !== $actuator->relay) {
                    self::part($board, $actuator->relay, Relay::class, 'relay ' . $id);
                } elseif (null === $board->part($line->appliance, Appliance::class)->dcVolts) {
                    throw new \InvalidArgumentException(sprintf(
                        '“%s” runs from the mains and has no relay: only a relay may switch the mains. Fit one.',
                        $line->name,
                    ));
                } elseif ($actuator->driver->isReadyMade()) {
                    throw new \InvalidArgumentException(sprintf(
                        '“%s” has no relay, and a ready-made module switches nothing but its own. Fit a relay, or choose another driver.',
                        $line->name,
                    ));
                }
                self::driver($board, $actuator->driver, 'relay ' . $id);
                self::rail($board, $actuator->rail, 'The relay ' . $id);
            }
        }
    }

    private static function driver(Board $board, Driver $driver, string $where): void
    {
        foreach ($driver->parts() as $use) {
            self::part($board, $use->id, $use->class, 'driver of ' . $where);
            if (null !== $use->isPnp && $board->part($use->id, Transistor::class)->isPnp !== $use->isPnp) {
                throw new \InvalidArgumentException(sprintf(
                    'The transistor “%s” of %s must be %s.',
                    $use->id,
                    $where,
                    $use->isPnp ? 'a PNP' : 'an NPN',
                ));
            }
        }
    }

    /**
     * @param class-string $class
     */
    private static function part(Board $board, string $id, string $class, string $what): void
    {
        if (!isset($board->parts[$id])) {
            throw new \InvalidArgumentException(sprintf('The facts of the part “%s” (%s) are missing from the board.', $id, $what));
        }
        if (!$board->parts[$id] instanceof $class) {
            throw new \InvalidArgumentException(sprintf('The part “%s” cannot be the %s.', $id, $what));
        }
    }

    private static function rail(Board $board, string $rail, string $who): void
    {
        if (!isset($board->rails[$rail])) {
            throw new \InvalidArgumentException(sprintf('%s is fed from the rail “%s”, which is not on the board.', $who, $rail));
        }
    }

    private static function function(Board $board, string $function, string $who): void
    {
        if (!isset($board->functions[$function])) {
            throw new \InvalidArgumentException(sprintf('%s uses the function “%s”, which is not on the board.', $who, $function));
        }
    }

    private static function name(string $name, string $what): void
    {
        if ('' === trim($name)) {
            throw new \InvalidArgumentException($what . ' needs a name.');
        }
        if (mb_strlen($name) > self::NAME_LENGTH) {
            throw new \InvalidArgumentException(sprintf('%s: a name has at most %d characters.', $what, self::NAME_LENGTH));
        }
    }

    /**
     * @param array<string, true> $taken
     */
    private static function unique(array &$taken, string $id): void
    {
        if (isset($taken[$id])) {
            throw new \InvalidArgumentException(sprintf('The id “%s” is used twice.', $id));
        }
        $taken[$id] = true;
    }

    private static function counters(Board $board): void
    {
        $ids = [
            ...array_keys($board->rails),
            ...array_keys($board->lines),
            ...array_keys($board->functions),
            ...array_keys($board->groups),
            ...array_keys($board->expanders),
            ...array_keys($board->devices),
            ...array_keys($board->scenarios),
            ...array_keys($board->channels),
            ...array_keys($board->lineGroups),
        ];
        foreach ($board->lines as $line) {
            array_push($ids, ...array_keys($line->surfaces), ...array_keys($line->actuators));
        }
        foreach ($ids as $id) {
            if ((int) substr($id, 1) > ($board->lastIds[$id[0]] ?? 0)) {
                throw new \InvalidArgumentException(sprintf(
                    'The id %s lies beyond the counter lastIds.%s; raise the counter, or the id could be given out again.',
                    $id,
                    $id[0],
                ));
            }
        }
    }
}
