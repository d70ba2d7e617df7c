<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Direction;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** The hops from a channel to the board, in the order in which a command passes them. */
final readonly class Route
{
    private Direction $direction;

    /**
     * @param non-empty-list<Hop> $hops the last reaches the board, unless nothing does
     */
    private function __construct(public array $hops)
    {
        $direction = Direction::Both;
        foreach ($hops as $hop) {
            $direction = $direction->through($hop->direction());
        }
        $this->direction = $direction;
    }

    /**
     * @return array<string, self> by channel
     */
    public static function all(Board $board): array
    {
        $routes = [];
        foreach ($board->channels as $id => $channel) {
            $hops = [new Hop($id, $channel, $board->profile($channel))];
            for ($at = $channel->via; null !== $at; $at = $board->channels[$at]->via) {
                $hops[] = new Hop($at, $board->channels[$at], $board->profile($board->channels[$at]));
            }
            $routes[$id] = new self($hops);
        }

        return $routes;
    }

    /** What comes through all of it. */
    public function direction(): Direction
    {
        return $this->direction;
    }

    /** The first hop, seen from the board, that lets no state back. */
    public function deafHop(): ?Hop
    {
        foreach (array_reverse($this->hops) as $hop) {
            if (!$hop->direction()->tellsState()) {
                return $hop;
            }
        }

        return null;
    }

    /** The hop that the first one hands on to. */
    public function next(): ?Hop
    {
        return $this->hops[1] ?? null;
    }

    public function survives(Outage $outage): bool
    {
        return [] === array_filter($this->hops, static fn(Hop $hop): bool => $hop->isGoneIn($outage));
    }

    /**
     * From the act to the board.
     *
     * @return ?Figure null while a hop says nothing of its delay
     */
    public function delay(): ?Figure
    {
        $sum = Spread::exactly(0.0);
        $inputs = [];
        foreach ($this->hops as $hop) {
            $delay = $hop->profile->delaySeconds;
            if (null === $delay) {
                return null;
            }
            $sum = $sum->plus($delay);
            $inputs[] = sprintf(
                '%s %s to %s',
                $hop->channel->name,
                QuantityPrinter::rounded($delay->min, Unit::Second),
                QuantityPrinter::rounded($delay->max, Unit::Second),
            );
        }
        $greatest = QuantityPrinter::rounded($sum->max, Unit::Second);

        return new Figure(
            'from the act to the board',
            $sum->typ,
            Unit::Second,
            'Σ of the hops',
            $inputs,
            'usually; at most ' . $greatest,
            'profiles of the hops',
        );
    }

    /**
     * Messages that never arrive.
     *
     * @return ?Figure null while no hop says anything of it
     */
    public function lost(): ?Figure
    {
        $arrives = 1.0;
        $inputs = [];
        foreach ($this->hops as $hop) {
            if (null !== $hop->profile->lostShare) {
                $arrives *= 1.0 - $hop->profile->lostShare;
                $inputs[] = sprintf('%s %s', $hop->channel->name, QuantityPrinter::rounded($hop->profile->lostShare * 100, Unit::Percent));
            }
        }

        return [] === $inputs ? null : new Figure(
            'messages lost',
            (1.0 - $arrives) * 100,
            Unit::Percent,
            '1 − Π (1 − loss of a hop)',
            $inputs,
            'independent of one another',
            'profiles of the hops',
        );
    }
}
