<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\SurfaceProfile;

/** Lines with what they switch, how they are operated and what drives their relays. */
final class LineIntegrity
{
    /** @throws \InvalidArgumentException with what is wrong and where */
    public static function verify(Board $board): void
    {
        $taken = [];
        foreach ($board->functions as $id => $function) {
            Pointer::name($function->name, 'The function ' . $id);
            if (null !== $function->lamp?->rail) {
                Pointer::rail($board, $function->lamp->rail, 'The lamp ' . $id);
            }
        }
        foreach ($board->channels as $id => $channel) {
            Pointer::name($channel->name, 'The channel ' . $id);
            Pointer::part($board, $channel->profile, SurfaceProfile::class, 'channel ' . $id);
            self::way($board, $id);
        }
        foreach ($board->lines as $lineId => $line) {
            Pointer::name($line->name, 'The line ' . $lineId);
            Pointer::part($board, $line->appliance, Appliance::class, 'appliance of line ' . $lineId);
            if (null !== $line->feed) {
                Pointer::rail($board, $line->feed, 'The appliance of ' . $lineId);
            }
            foreach ($line->surfaces as $id => $surface) {
                Pointer::unique($taken, $id);
                self::surface($board, $id, $surface);
            }
            if (null !== $line->sense) {
                self::sense($board, $lineId, $line->sense);
            }
            foreach ($line->actuators as $id => $actuator) {
                Pointer::unique($taken, $id);
                Pointer::unique($taken, 'output ' . $actuator->function);
                self::actuator($board, $line, $id, $actuator);
            }
        }
    }

    /** A channel hands on to one that is there, and to none that hands on to it in the end. */
    private static function way(Board $board, string $id): void
    {
        $seen = [];
        for ($at = $id; null !== $at; $at = $board->channels[$at]->via) {
            if (isset($seen[$at])) {
                throw new \InvalidArgumentException(sprintf('The channel %s hands on to itself in the end.', $id));
            }
            $seen[$at] = true;
            if (null !== $board->channels[$at]->via && !isset($board->channels[$board->channels[$at]->via])) {
                throw new \InvalidArgumentException(sprintf(
                    'The channel %s hands on to “%s”, which is no channel of the board.',
                    $at,
                    $board->channels[$at]->via,
                ));
            }
        }
    }

    private static function surface(Board $board, string $id, Surface $surface): void
    {
        if ('' !== $surface->function || !$surface->kind->isRemote() && SurfaceKind::Timer !== $surface->kind) {
            Pointer::function($board, $surface->function, 'The surface ' . $id);
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

    private static function actuator(Board $board, Line $line, string $id, Actuator $actuator): void
    {
        Pointer::function($board, $actuator->function, 'The relay ' . $id);
        if (FunctionKind::RelayOutput !== $board->functions[$actuator->function]->kind) {
            throw new \InvalidArgumentException(sprintf(
                'The relay %s is switched by %s, which is no relay output.',
                $id,
                $actuator->function,
            ));
        }
        self::beside($line, $id, $actuator);
        if (null !== $actuator->relay) {
            Pointer::part($board, $actuator->relay, Relay::class, 'relay ' . $id);
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
        Pointer::driver($board, $actuator->driver, 'relay ' . $id);
        Pointer::rail($board, $actuator->rail, 'The relay ' . $id);
    }

    /** What belongs to another relay of its line: a second winding, a guard. */
    private static function beside(Line $line, string $id, Actuator $actuator): void
    {
        $opened = $line->actuators[$actuator->opens ?? ''] ?? null;
        if (null !== $actuator->opens && ($id === $actuator->opens || null === $opened || null !== $opened->opens)) {
            throw new \InvalidArgumentException(sprintf(
                'The relay %s is to open the contact of %s, which is no other relay of its line.',
                $id,
                $actuator->opens,
            ));
        }
        $guarded = $line->actuators[$actuator->guards ?? ''] ?? null;
        if (null !== $actuator->guards && ($id === $actuator->guards || null === $guarded || null !== $guarded->guards)) {
            throw new \InvalidArgumentException(sprintf(
                'The relay %s is to stand in series with %s, which is no other relay of its line.',
                $id,
                $actuator->guards,
            ));
        }
    }

    private static function sense(Board $board, string $lineId, StateSense $sense): void
    {
        Pointer::function($board, $sense->function, 'The state of ' . $lineId);
        $wanted = null === $sense->coupler ? FunctionKind::CurrentSense : FunctionKind::StateSense;
        if ($wanted !== $board->functions[$sense->function]->kind) {
            throw new \InvalidArgumentException(sprintf(
                'The state of %s is heard by %s, which must be “%s”.',
                $lineId,
                $sense->function,
                $wanted->value,
            ));
        }
        if (null !== $sense->coupler) {
            Pointer::part($board, $sense->coupler, OptoCoupler::class, 'coupler of ' . $lineId);
        }
    }
}
