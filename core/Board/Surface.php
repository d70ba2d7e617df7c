<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;

/** One way to operate a line; several surfaces can share one function, as all infrared keys share a receiver. */
final readonly class Surface
{
    /**
     * @param string $function id; empty where no pin of its own is needed
     * @param ?string $channel id; null for what acts on the board’s own wires
     * @param ?Operation $operation what an act means; null for what is usual
     * @param ?InfraredCode $code of the key that switches on, or flips; null while none is assigned
     * @param ?InfraredCode $offCode of a second key that switches off
     * @param string $address the maker’s own in place of the derived one; empty for that
     * @param string $on the maker’s own word for on; empty for the derived one
     * @param string $off the maker’s own word for off
     * @param bool $promisesFeedback somebody relies on this surface to show the true state
     * @param ?SensorRule $rule when a sensor switches; null while nothing is said of it, and for all that is no sensor rule
     * @param ?Schedule $schedule when a timer switches; null while nothing is said of it
     * @param list<Threshold> $thresholds from which percentage each step runs, slowest first; none for the derived ones
     */
    public function __construct(
        public SurfaceKind $kind,
        public string $function = '',
        public ?string $channel = null,
        public ?Operation $operation = null,
        public ?InfraredCode $code = null,
        public ?InfraredCode $offCode = null,
        public string $address = '',
        public string $on = '',
        public string $off = '',
        public bool $promisesFeedback = false,
        #[ListOf(Threshold::class)]
        public array $thresholds = [],
        public ?SensorRule $rule = null,
        public ?Schedule $schedule = null,
    ) {
        if (null !== $rule && SurfaceKind::SensorRule !== $kind || null !== $schedule && SurfaceKind::Timer !== $kind) {
            throw new \InvalidArgumentException(sprintf('A %s has neither thresholds of a sensor nor times of a timer.', $kind->value));
        }
        if (($kind->isRemote()) !== (null !== $channel)) {
            throw new \InvalidArgumentException(sprintf(
                'A %s %s.',
                $kind->value,
                null === $channel ? 'comes by way of a channel: choose one' : 'needs no channel',
            ));
        }
    }

    /** On another function, or of another kind; what was said of it otherwise stays. */
    public function servedBy(SurfaceKind $kind, string $function): self
    {
        return Copy::of($this, [
            'kind' => $kind,
            'function' => $function,
            'operation' => in_array($this->operation, $kind->operations(), true) ? $this->operation : null,
            ...SurfaceKind::InfraredKey === $kind ? [] : ['code' => null, 'offCode' => null],
            ...SurfaceKind::SensorRule === $kind ? [] : ['rule' => null],
            ...SurfaceKind::Timer === $kind ? [] : ['schedule' => null],
        ]);
    }

    /** For a copy of its line: what must differ from line to line is left out. */
    public function copied(string $function): self
    {
        return Copy::of($this, ['function' => $function, 'code' => null, 'offCode' => null, 'address' => '', 'on' => '', 'off' => '']);
    }

    public function withCodes(?InfraredCode $code, ?InfraredCode $offCode): self
    {
        return Copy::of($this, ['code' => $code, 'offCode' => $offCode]);
    }

    /**
     * @param ?list<Threshold> $thresholds
     */
    public function saying(
        ?Operation $operation = null,
        ?string $address = null,
        ?string $on = null,
        ?string $off = null,
        ?bool $promisesFeedback = null,
        ?array $thresholds = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }
}
