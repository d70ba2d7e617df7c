<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Control\StepMap;

/** What the program listens to, and tells, under one address of a channel. */
final readonly class MessagePlan
{
    /**
     * @param string $address topic, path, number or name; empty where the text alone says it
     * @param string $on what is said to switch on; empty where that cannot be said
     * @param string $set what is said for a percentage or a step, with {value}
     * @param bool $inSteps the value is a step, and no percentage
     * @param string $state where the state is told; empty for nowhere
     * @param string $toldOn the word by which it tells that it is on
     * @param array<int, array{int, int}> $ranges least and greatest percentage by step
     */
    public function __construct(
        public Act $act,
        public string $address,
        public string $on,
        public string $off,
        public string $toggle = '',
        public string $set = '',
        public bool $inSteps = false,
        public string $state = '',
        public string $toldOn = '',
        public array $ranges = [],
    ) {}

    /**
     * The act that a text asks for.
     *
     * @param bool $ignoresCase capitals and small letters are the same
     * @return ?Act null where it means nothing
     */
    public function understand(string $says, bool $ignoresCase): ?Act
    {
        $is = static fn(string $word): bool => '' !== $word && ($ignoresCase ? 0 === strcasecmp($word, $says) : $word === $says);

        return match (true) {
            $is($this->on) => $this->act->saying(Wish::Scene === $this->act->wish ? Wish::Scene : Wish::On),
            $is($this->off) => $this->act->saying(Wish::Off),
            $is($this->toggle) => $this->act->saying(Wish::Toggle),
            default => $this->value($says, $ignoresCase),
        };
    }

    /** The word by which a state is told: a step, a percentage, or that it is on or off. */
    public function told(int $state, int $top): string
    {
        return match (true) {
            '' !== $this->set && $this->inSteps => (string) $state,
            '' !== $this->set => (string) (int) round(StepMap::percent($state, $top)),
            default => $state > 0 ? $this->toldOn : $this->off,
        };
    }

    /** A number outside its range counts as the nearest in it. */
    private function value(string $says, bool $ignoresCase): ?Act
    {
        if ('' === $this->set) {
            return null;
        }
        $pattern = '/^' . str_replace(
            '\{value\}',
            '(-?\d{1,9})(?:\.\d+)?',
            preg_quote($this->set, '/'),
        ) . '$/u' . ($ignoresCase ? 'i' : '');
        if (1 !== preg_match($pattern, $says, $match)) {
            return null;
        }
        $value = max(0, (int) $match[1]);

        return match (true) {
            $this->inSteps => $this->act->saying(Wish::Step, $value),
            [] !== $this->ranges => $this->act->saying(Wish::Step, $this->step(min(100, $value))),
            default => $this->act->saying(Wish::Percent, min(100, $value)),
        };
    }

    private function step(int $percent): int
    {
        $step = 0;
        foreach ($this->ranges as $number => [$least]) {
            $step = $percent >= $least ? max($step, $number) : $step;
        }

        return 0 === $percent ? 0 : $step;
    }
}
