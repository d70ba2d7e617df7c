<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** What the program keeps to where the board states nothing (common practice, from memory). */
final class Usual
{
    /** Between one contact opening and another closing. */
    public const PAUSE_SECONDS = 0.1;
    /** Between the two directions of a motor. */
    public const TURNING_SECONDS = 0.5;
    /** A state is written into memory when it has rested so long. */
    public const KEPT_AFTER_SECONDS = 5.0;
    /** A loop that hangs is reset after so long. */
    public const WATCHDOG_SECONDS = 2.0;
    /** The pulse of a bistable relay over the least that surely moves it. */
    public const PULSE_FACTOR = 2.0;
    /** On so long though told to be off: the contact has welded. Longer than any relay takes to open. */
    public const WELD_ALARM_SECONDS = 1.0;
    /** So many starts, none followed by ten quiet minutes, and everything stays off. */
    public const RESETS = 3;
    public const QUIET_SECONDS = 600.0;
    /** Attempts to reach a network again: first after so long, doubling, never longer than the other. */
    public const FIRST_RETRY_SECONDS = 1.0;
    public const LONGEST_RETRY_SECONDS = 60.0;
    /** No contact of a knob closed for so long is a position of its own, where it has no contact for off. */
    public const GAP_SECONDS = 0.3;
    /** A key that is held counts anew after so long without a frame. */
    public const KEY_RELEASED_SECONDS = 0.15;
}
