<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** The ways by which the program hears from afar and tells what is: reached, lost, and sought again without holding up anything. */
final readonly class Links
{
    public function __construct(private ProgramPlan $plan, private LineMachine $lines) {}

    public function begin(Memory $memory): void
    {
        foreach ($this->plan->channels as $id => $channel) {
            $memory->linked[$id] = !$channel->connects;
            $memory->retry[$id] = Micros::of(Usual::FIRST_RETRY_SECONDS);
            if ($channel->connects) {
                $memory->effect(EffectKind::Connect, $id);
            }
        }
    }

    /** The other end is reached, an attempt has failed, or what was reached is gone. */
    public function changed(Memory $memory, string $id, bool $up): void
    {
        $channel = $this->plan->channels[$id] ?? null;
        if (null === $channel) {
            return;
        }
        $memory->linked[$id] = $up;
        $memory->forget('retry:' . $id);
        if ($up) {
            // It waits no longer than until it is answered.
            $memory->busyUntil = min($memory->busyUntil, $memory->now);
            $memory->retry[$id] = Micros::of(Usual::FIRST_RETRY_SECONDS);
            if ('' !== $channel->presence) {
                $memory->effect(EffectKind::Tell, $id, true, $channel->presence, $channel->here);
            }
            foreach (array_keys($this->plan->lines) as $line) {
                $this->tell($memory, $channel, $line, $this->state($memory, $line));
            }

            return;
        }
        if ($channel->connects) {
            // In whole milliseconds, as small chips count them.
            $milliseconds = (int) round($memory->retry[$id] / Micros::MILLISECOND * (1 + 0.25 * $memory->chance()));
            $wait = $milliseconds * Micros::MILLISECOND;
            $memory->later('retry:' . $id, $memory->now + $wait);
            $memory->retry[$id] = min(Micros::of(Usual::LONGEST_RETRY_SECONDS), 2 * $memory->retry[$id]);
        }
    }

    /** Seeks the other end once more; where that blocks, everything else waits. */
    public function attempt(Memory $memory, string $id): void
    {
        $memory->effect(EffectKind::Connect, $id);
        $memory->busyUntil = max($memory->busyUntil, $memory->now + $this->plan->channels[$id]->blockMicros);
    }

    public function hear(Memory $memory, string $id, string $to, string $says): void
    {
        $channel = $this->plan->channels[$id] ?? null;
        if (null === $channel) {
            return;
        }
        $text = $channel->trims ? trim($says) : $says;
        $isKnown = $isUnderstood = false;
        foreach ($channel->messages as $message) {
            if ($message->address !== $to) {
                continue;
            }
            $isKnown = true;
            $act = $message->understand($text, $channel->ignoresCase);
            if (null !== $act) {
                $isUnderstood = true;
                $this->lines->act($memory, $act);
            }
        }
        if (!$isUnderstood) {
            $memory->effect(EffectKind::Ignore, $id, to: $to, says: sprintf(
                $isKnown ? '“%s” means nothing here' : '“%s” is for nobody here',
                mb_strimwidth($says, 0, 60, '…'),
            ));
        }
    }

    /** The true state of a line: what is sensed where it can be, else what its contacts were told. */
    public function state(Memory $memory, string $line): int
    {
        $plan = $this->plan->lines[$line];
        if (null === $plan->sense || !isset($memory->sensed[$line])) {
            return $memory->step[$line];
        }

        return true === $memory->sensed[$line] ? max(1, $memory->step[$line]) : 0;
    }

    /** Tells every channel what has changed. */
    public function tellAll(Memory $memory): void
    {
        foreach (array_keys($this->plan->lines) as $line) {
            $state = $this->state($memory, $line);
            if (($memory->told[$line] ?? null) === $state) {
                continue;
            }
            $memory->told[$line] = $state;
            foreach ($this->plan->channels as $channel) {
                if ($memory->linked[$channel->id] ?? false) {
                    $this->tell($memory, $channel, $line, $state);
                }
            }
        }
    }

    private function tell(Memory $memory, ChannelPlan $channel, string $line, int $state): void
    {
        foreach ($channel->messages as $message) {
            if ($message->act->target === $line && '' !== $message->state) {
                $memory->effect(
                    EffectKind::Tell,
                    $channel->id,
                    $channel->keepsStates,
                    $message->state,
                    $message->told($state, $this->plan->lines[$line]->top()),
                );
            }
        }
    }

    /** Whether everything that can be reached is. */
    public function isWhole(Memory $memory): bool
    {
        return [] !== $this->plan->channels && !in_array(false, $memory->linked, true);
    }
}
