<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** Figures of the world around a board where nothing is stated (common practice, from memory). */
final class Customary
{
    /** A contact bounces for so long: a good one, and a worn one. */
    public const BOUNCE_SECONDS = 5e-3;
    public const WORN_BOUNCE_SECONDS = 20e-3;
    /** A press, and a key of a remote, for somebody who does not think about it. */
    public const PRESS_SECONDS = 0.2;
    /** Frames of a key that is held begin so far apart. */
    public const REPEAT_SECONDS = 0.108;
    /** A receiver makes marks so much longer. */
    public const STRETCH_SECONDS = 50e-6;
    /** A relay operates and releases within this, where its data do not say. */
    public const OPERATE_SECONDS = 10e-3;
    public const RELEASE_SECONDS = 10e-3;
    /** The output of a solid-state relay follows within half a period of the mains. */
    public const SOLID_STATE_SECONDS = 10e-3;
    /** A network is joined so long after the program starts, and again after it has come back. */
    public const JOIN_SECONDS = 2.0;
    public const REJOIN_SECONDS = 0.5;
    /** The board notices that its network is gone, or that only the far end is. */
    public const NETWORK_NOTICED_SECONDS = 1.0;
    public const FAR_END_NOTICED_SECONDS = 5.0;
    /** An attempt to reach somebody who is not there takes so long to fail. */
    public const ATTEMPT_SECONDS = 1.0;
    /** A broker says that a board is gone when it has not been heard for so long. */
    public const WILL_SECONDS = 22.5;
    /** A hop hands a message on within this, where its profile does not say. */
    public const HOP_SECONDS = 0.05;
    /** A source stands, and carries on without mains, where its part file does not say. */
    public const START_SECONDS = 0.3;
    public const HOLD_UP_SECONDS = 0.01;
    /** Sensors are read so often. */
    public const READING_SECONDS = 0.5;
    /** The input behind a contact knows whether its appliance is on. */
    public const SENSE_SECONDS = 20e-3;
    /** Compressors want to rest so long. */
    public const COMPRESSOR_REST_SECONDS = 180.0;
    /** Relays whose coils are switched on within this pull on their rail together. */
    public const TOGETHER_SECONDS = 5e-3;
    /** What heats has come to 63 % of its warmth after so long, and cools as slowly. */
    public const WARMING_SECONDS = 600.0;
    /** After a brown-out the rail has come back so soon. */
    public const DIP_SECONDS = 10e-3;
}
