<?php

declare(strict_types=1);

namespace IronLatch\View;

/** One relay of a line drawn from finger to filament: six links and the five joints between them. */
final readonly class RelayTrack
{
    /**
     * @param list<Link> $links
     * @param list<Joint> $joints
     */
    public function __construct(public string $actuator, public array $links, public array $joints) {}

    public function worst(): JointState
    {
        $worst = JointState::Unknown;
        foreach ($this->joints as $joint) {
            $worst = $joint->state->rank() > $worst->rank() ? $joint->state : $worst;
        }

        return $worst;
    }
}
