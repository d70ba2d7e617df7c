<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Board\WiringScheme;

/** The distribution bars of a star: one for every net that more than two wires meet in. Their poles are named after the wires. */
final class Bars
{
    private const FROM_ENDS = 3;

    public static function add(Places $places): void
    {
        foreach ($places->harness->nets() as $net) {
            $clustered = Clusters::of($places->harness->devices, $net);
            $near = array_filter($net->ends, static fn(End $end): bool => null === $end->via && !isset($clustered[$end->name()]));
            if (!$net->kind->isShared() || count($near) < self::FROM_ENDS || WiringScheme::Chain === self::scheme($places, $net)) {
                continue;
            }
            $poles = array_map(
                static fn(End $end): Terminal => new Terminal($end->wire, $end->wire, Joining::Screw),
                array_values($near),
            );
            $id = $places->harness->device(
                DeviceKind::Bar,
                self::number($net),
                sprintf('bar of %s', $net->name),
                $poles,
                $net->rail ?? 'board',
                sprintf('%d poles', count($poles)),
            );
            foreach ($near as $end) {
                $places->harness->join($net->id, $id, $end->wire, $end->wire, $end->subject);
            }
        }
    }

    /** How the wires of a net run: as the maker has chosen, else in a star; protective earth always does. */
    public static function scheme(Places $places, Net $net): WiringScheme
    {
        $said = match ($net->kind) {
            NetKind::Ground => $places->facts->ground?->value,
            NetKind::Rail => $places->facts->rails?->value,
            NetKind::Live, NetKind::Neutral => $places->facts->mains?->value,
            default => null,
        };

        return $said instanceof WiringScheme ? $said : WiringScheme::Star;
    }

    private static function number(Net $net): string
    {
        return match (true) {
            NetKind::Rail === $net->kind && null !== $net->rail => Places::number($net->rail) . '5',
            NetKind::Ground === $net->kind && null !== $net->rail => Places::number($net->rail) . '6',
            NetKind::Rail === $net->kind => '06',
            NetKind::Ground === $net->kind => '05',
            MainsSide::LIVE === $net->id => '07',
            NetKind::Earth === $net->kind => '09',
            default => '08',
        };
    }
}
