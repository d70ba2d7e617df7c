<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Review\Inspection;

/** All demonstrations, by the rules that they show. */
final class Demonstrations
{
    /**
     * @return list<Demonstration>
     */
    public static function all(): array
    {
        return [
            new RelayStays(),
            new RelayHolds(),
            new WrongWayRound(),
            new Twitches(),
            new DoesNotStart(),
            new NothingAtThePin(),
            new DeafContact(),
            new OneMovesAnother(),
            new DipWithAll(),
            new OnTheWay(),
            new ToggleLost(),
            new Blocks(),
            new AbsentHandAsks(),
            new AfterACut(),
            new BothAtOnce(),
            new NoRest(),
            new RunsOn(),
            new SensorGone(),
            new Hunts(),
            new ShownNowhere(),
            new KeyOfNothing(),
            new LiveThoughOff(),
            new GroupAsks(),
        ];
    }

    /**
     * @return list<string> ids of the rules of which something can be shown
     */
    public static function rules(): array
    {
        return array_merge(...array_map(static fn(Demonstration $one): array => $one::rules(), self::all()));
    }

    public static function of(Inspection $inspection, string $rule, string $subject): ?Situation
    {
        foreach (self::all() as $one) {
            if (in_array($rule, $one::rules(), true)) {
                return $one->situation($inspection, $rule, $subject);
            }
        }

        return null;
    }
}
