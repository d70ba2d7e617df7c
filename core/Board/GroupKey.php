<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Record\Copy;

/** A key of a remote, a button or a switch that acts on a group of lines at once. */
final readonly class GroupKey
{
    /**
     * @param string $function id of its input, or of the receiver of its remote
     * @param Operation $operation what a press means to each line of the group
     * @param ?InfraredCode $code of an infrared key; null while none is assigned
     */
    public function __construct(
        public SurfaceKind $kind,
        public string $function,
        public Operation $operation,
        public ?InfraredCode $code = null,
    ) {
        if (!in_array($kind, self::kinds(), true)) {
            throw new \InvalidArgumentException(sprintf(
                'A %s acts on no group: choose a push button, a wall switch or an infrared key.',
                $kind->value,
            ));
        }
        if (!in_array($operation, self::operations($kind), true)) {
            throw new \InvalidArgumentException(sprintf('A %s on a group cannot mean “%s”.', $kind->value, $operation->value));
        }
        if (null !== $code && SurfaceKind::InfraredKey !== $kind) {
            throw new \InvalidArgumentException('Only an infrared key has a code.');
        }
    }

    /**
     * @return list<SurfaceKind>
     */
    public static function kinds(): array
    {
        return [SurfaceKind::PushButton, SurfaceKind::InfraredKey, SurfaceKind::WallSwitch];
    }

    /**
     * @return list<Operation> the usual first
     */
    public static function operations(SurfaceKind $kind): array
    {
        return SurfaceKind::WallSwitch === $kind ? [Operation::Explicit, Operation::Off] : [
            Operation::Off,
            Operation::On,
            Operation::Toggle,
            Operation::StepUp,
            Operation::StepDown,
            Operation::Scene,
        ];
    }

    /** Of an infrared key: nobody needs to stand beside the appliance. */
    public function isInfrared(): bool
    {
        return SurfaceKind::InfraredKey === $this->kind;
    }

    public function withCode(?InfraredCode $code): self
    {
        return Copy::of($this, ['code' => $code]);
    }
}
