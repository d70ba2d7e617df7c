<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SensorRule;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** States when a sensor switches its line on and off, and what a lost sensor does. */
#[Says(Nature::Choice)]
final readonly class StateSensorRule implements Edit
{
    public function __construct(
        public string $surface,
        public Sensed $sensed,
        #[Measured(Unit::Celsius)]
        public ?float $onCelsius = null,
        #[Measured(Unit::Celsius)]
        public ?float $offCelsius = null,
        #[Measured(Unit::Percent)]
        public ?float $onPercent = null,
        #[Measured(Unit::Percent)]
        public ?float $offPercent = null,
        #[Measured(Unit::Second)]
        public float $leastOnSeconds = 0.0,
        #[Measured(Unit::Second)]
        public float $leastOffSeconds = 0.0,
        public ?LostSensor $whenLost = null,
    ) {}

    public static function of(string $surface, SensorRule $rule): self
    {
        return new self(
            $surface,
            $rule->sensed,
            $rule->onCelsius,
            $rule->offCelsius,
            $rule->onPercent,
            $rule->offPercent,
            $rule->leastOnSeconds,
            $rule->leastOffSeconds,
            $rule->whenLost,
        );
    }

    public function apply(Board $board): Board
    {
        [$lineId, $surface] = Targets::surface($board, $this->surface);
        if (SurfaceKind::SensorRule !== $surface->kind) {
            throw new EditRefused(sprintf('A %s has no thresholds: only a sensor that operates a line has.', $surface->kind->value));
        }
        $function = Targets::function($board, $surface->function);
        if (!$this->sensed->suits($function->kind)) {
            throw new EditRefused(sprintf(
                '“%s” is a %s. It says %s.',
                $function->name,
                $function->kind->value,
                Sensed::Event->suits($function->kind) ? 'yes or no' : 'a temperature, a humidity or how light it is',
            ));
        }
        $this->refuseTwoMeanings($board, $surface->function, $function->name);
        $rule = new SensorRule(
            $this->sensed,
            $this->onCelsius,
            $this->offCelsius,
            $this->onPercent,
            $this->offPercent,
            $this->leastOnSeconds,
            $this->leastOffSeconds,
            $this->whenLost,
        );

        return Targets::changeSurface($board, $lineId, $this->surface, ['rule' => $rule]);
    }

    /** One wire says one thing: a second rule by it speaks of the same. */
    private function refuseTwoMeanings(Board $board, string $function, string $name): void
    {
        foreach ($board->lines as $line) {
            foreach ($line->surfaces as $id => $other) {
                if ($id !== $this->surface && $other->function === $function && null !== $other->rule
                    && $other->rule->sensed !== $this->sensed) {
                    throw new EditRefused(sprintf(
                        '“%s” says %s on “%s” already, and one wire says one thing. Give this rule a sensor of its own, or take the other '
                            . 'one away first.',
                        $name,
                        $other->rule->sensed->value,
                        $line->name,
                    ));
                }
            }
        }
    }

    public function summary(Board $board): string
    {
        return sprintf('State when “%s” switches', $board->nameOf($this->surface));
    }
}
