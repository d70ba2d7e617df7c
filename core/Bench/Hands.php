<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\InfraredCode;
use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Control\PulseDistance;
use IronLatch\Core\Program\InfraredDecoder;
use IronLatch\Core\Program\Micros;

/** Contacts with their bounce, knobs, and remotes with the times of their codes. */
final readonly class Hands
{
    private Board $board;

    public function __construct(private BoardFacts $facts)
    {
        $this->board = $facts->inspection->board;
    }

    /** A contact closes or opens, and bounces before it rests. */
    public function moves(Scene $scene, string $function, bool $closed, int $cause): void
    {
        if (($scene->contacts[$function] ?? false) === $closed) {
            return;
        }
        $bounce = Micros::of(match ($this->facts->corner) {
            Corner::Typical => Customary::BOUNCE_SECONDS,
            Corner::Worst => Customary::WORN_BOUNCE_SECONDS,
            Corner::Drawn => $scene->chances->between(0.5e-3, Customary::WORN_BOUNCE_SECONDS),
        });
        // It closes, opens once more in the middle, and rests at the end of its bounce.
        foreach ([[0, $closed], [intdiv($bounce, 2), !$closed], [$bounce, $closed]] as [$after, $is]) {
            $scene->later(new Pending($scene->now + $after, 'contact', $function, $cause, on: $is));
        }
    }

    /** A knob goes to a position, and leaves its contact for a moment on the way. */
    public function turns(Scene $scene, string $selector, int $position, int $cause): void
    {
        $plan = $this->facts->plan->selectors[$selector] ?? null;
        if (null === $plan) {
            return;
        }
        $scene->knobs[$selector] = $position;
        if (1 === count($plan->functions)) {
            $scene->later(new Pending($scene->now, 'ladder', $plan->functions[0], $cause, number: $position));

            return;
        }
        foreach ($plan->functions as $place => $function) {
            if ($scene->contacts[$function] ?? false) {
                $this->moves($scene, $function, false, $cause);
            }
            if ($place === $position) {
                $scene->later(new Pending($scene->now + 50 * Micros::MILLISECOND, 'moves', $function, $cause, on: true));
            }
        }
    }

    /** Whether a code is sent edge by edge here. */
    public static function follows(InfraredCode $code): bool
    {
        return in_array($code->encoding, [InfraredEncoding::PulseDistance, InfraredEncoding::Raw], true) && 32 === $code->bits;
    }

    /**
     * A key of a remote is held: its frame, then the sign that it is still held.
     *
     * @param int $micros for which it is held
     */
    public function key(Scene $scene, string $receiver, InfraredCode $code, int $micros, int $cause): void
    {
        if (!self::follows($code)) {
            $scene->note(
                Happens::Frame,
                $receiver,
                'other',
                'The remote sends a code of another kind, which is not followed edge by edge here.',
                $cause,
            );

            return;
        }
        // A remote sends what is sound, whatever was written down.
        $value = PulseDistance::mended($code) ?? str_pad($code->value, 8, '0', STR_PAD_LEFT);
        $isRepeat = PulseDistance::isRepeat($code);
        $id = $scene->note(Happens::Frame, $receiver, $isRepeat ? 'repeat' : $value, fn(): string => sprintf(
            $isRepeat ? 'The remote sends the sign of a held key.' : 'The remote sends 0x%s.',
            $value,
        ), $cause);
        $this->frame($scene, $receiver, $isRepeat ? null : (int) hexdec($value), $scene->now, $id);
        for ($after = Micros::of(Customary::REPEAT_SECONDS); $after < $micros; $after += Micros::of(Customary::REPEAT_SECONDS)) {
            $scene->later(new Pending($scene->now + $after, 'repeat', $receiver, $id));
        }
    }

    /** The edges of one frame, as a receiver gives them. */
    public function frame(Scene $scene, string $receiver, ?int $value, int $from, int $cause): void
    {
        $spaces = [];
        if (null === $value) {
            $spaces = [InfraredDecoder::REPEAT_SPACE];
        } else {
            $spaces[] = InfraredDecoder::HEAD_SPACE;
            for ($bit = InfraredDecoder::BITS - 1; $bit >= 0; --$bit) {
                $spaces[] = 1 === ($value >> $bit & 1) ? InfraredDecoder::ONE_SPACE : InfraredDecoder::ZERO_SPACE;
            }
        }
        $stretch = Micros::of(Customary::STRETCH_SECONDS * (Corner::Worst === $this->facts->corner ? 2 : 1));
        $at = $from;
        foreach ([...$spaces, 0] as $place => $space) {
            $mark = 0 === $place ? InfraredDecoder::HEAD_MARK : InfraredDecoder::BIT_MARK;
            $scene->later(new Pending($at, 'edge', $receiver, $cause, number: 1));
            $scene->later(new Pending($at + $mark + $stretch, 'edge', $receiver, $cause, number: -1));
            $at += $mark + $space;
        }
    }

    /** Whether somebody’s hand, or a remote, reaches the program at all: its input works. */
    public function works(string $function): bool
    {
        return isset($this->facts->pins[$function]) && isset($this->board->functions[$function]);
    }
}
