<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Regulation;

/** Where every current comes from and goes: the loads of each rail, with what converters and the controller take from it. */
final class Flows
{
    /** @var array<string, list<FlowItem>> by scenario and rail, worked out once */
    private array $known = [];
    /** @var array<string, list<string>> rails behind converters, by the rail that feeds them; those of the carrier under PINS */
    private array $children = [];

    public function __construct(public readonly Board $board, public readonly Draws $draws)
    {
        foreach ($board->rails as $id => $rail) {
            $from = $board->feeder($id) instanceof Carrier ? Draws::PINS : $rail->from;
            if (null !== $from) {
                $this->children[$from][] = $id;
            }
        }
    }

    /** Amperes that a rail gives; under Draws::PINS, what the controller’s pin supply gives, the chip’s own use included. */
    public function amps(string $rail, Scenario $scenario): Demand
    {
        $sum = Demand::none();
        foreach ($this->items($rail, $scenario) as $item) {
            $sum = $sum->plus($item->amps);
        }

        return $sum;
    }

    /** Amperes that the controller’s pin supply gives to what is not the chip and its pins. */
    public function outside(Scenario $scenario): Demand
    {
        $sum = Demand::none();
        foreach ($this->items(Draws::PINS, $scenario) as $item) {
            if (DrawKind::Controller !== $item->kind && DrawKind::DriverInput !== $item->kind) {
                $sum = $sum->plus($item->amps);
            }
        }

        return $sum;
    }

    /**
     * @return list<FlowItem> in the order of the board, largest groups as they come
     */
    public function items(string $rail, Scenario $scenario): array
    {
        $key = $scenario->id . ' ' . $rail;
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $items = Draws::PINS === $rail
            ? [$this->chip($scenario)]
            : ($this->board->mcu->rail === $rail ? [$this->controller($scenario)] : []);
        $pulse = null;
        foreach ($this->draws->on[$rail] as $draw) {
            $amps = $draw->in($scenario);
            if ($draw->oneAtATime && $scenario->pullsIn && (null === $draw->line || $scenario->isOn($draw->line))) {
                // Only the greatest of the pulses counts, for they come one after the other.
                if (null === $pulse || $draw->moment->greatest > $pulse->amps->greatest) {
                    $pulse = new FlowItem($draw->kind, $draw->name . ', pulse', $draw->subject, $draw->moment);
                }
                continue;
            }
            $items[] = new FlowItem($draw->kind, $draw->name, $draw->subject, $amps, $draw->because);
        }
        if (null !== $pulse) {
            $items[] = $pulse;
        }
        foreach ($this->children[$rail] ?? [] as $child) {
            $items[] = new FlowItem(
                DrawKind::Converter,
                'to the rail ' . $this->board->rails[$child]->name,
                $child,
                $this->into($child, $scenario),
            );
        }

        return $this->known[$key] = $items;
    }

    /** What the regulator of a rail takes from the rail before it. */
    private function into(string $child, Scenario $scenario): Demand
    {
        $amps = $this->amps($child, $scenario);
        $from = $this->board->rails[$child]->from;
        $regulation = $this->board->regulation($child);
        // Behind the carrier’s own regulator the current is the regulator’s, whose own use is counted with the controller.
        if (null === $from || null === $regulation) {
            return $amps;
        }

        return self::through($regulation, $amps, $this->board->railVolts($from)->typ, $this->board->railVolts($from)->min);
    }

    /** The carrier as a whole, at the pin that takes its supply. */
    private function controller(Scenario $scenario): FlowItem
    {
        $amps = $this->amps(Draws::PINS, $scenario);
        $carrier = $this->board->controller()->carrier;
        $regulated = null !== $carrier->regulator && $this->board->entry()->regulated;
        $rail = $this->board->railVolts($this->board->mcu->rail);

        return new FlowItem(
            DrawKind::Controller,
            $this->board->controller()->chip->identity->name . ' and its pins',
            'board',
            $regulated ? self::through($carrier->regulator, $amps, $rail->typ, $rail->min) : $amps,
        );
    }

    private static function through(Regulation $regulation, Demand $amps, float $typicalVolts, float $leastVolts): Demand
    {
        return new Demand(
            $regulation->inputAmps($amps->typical, $regulation->output->typ, $typicalVolts, false),
            $regulation->inputAmps($amps->greatest, $regulation->output->max, $leastVolts, true),
        );
    }

    private function chip(Scenario $scenario): FlowItem
    {
        $chip = $this->board->controller()->chip;
        // An unknown use of the radio is taken as use: the supply must bear it.
        $sends = $scenario->radioSends && false !== $this->board->program->radioUsed->value;
        $amps = $sends ? new Demand(
            max($chip->peakAmps->typ, $chip->runCurrent->typ),
            max($chip->peakAmps->max, $chip->runCurrent->max),
        ) : new Demand($chip->runCurrent->typ, $chip->runCurrent->max);

        return new FlowItem(DrawKind::Controller, $chip->identity->name, 'board', $amps);
    }
}
