<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Drive\OwnTransistor;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A guard that fails together with what it guards. */
final class GuardNotIndependent implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.guard-not-independent',
            version: 1,
            title: 'Guard relay that fails together with what it guards',
            severities: [Severity::Weak],
            reason: 'A guard that hangs on the same driver package, the same relay module or the same expander falls with it: one fault '
                . 'then closes both contacts.',
            threshold: 'a driver package, a module and an expander of its own for each of the two',
            basis: Basis::CommonPractice,
            source: 'common practice',
            joint: LineJoint::Driver,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($board->actuators() as $id => $guard) {
            if (null === $guard->guards) {
                continue;
            }
            $shared = self::shared($board, $guard, $board->actuator($guard->guards));
            if ('' !== $shared) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'The guard of “%s” hangs on the same %s as the relay that it guards.',
                        $board->nameOf($board->lineOf($id)),
                        $shared,
                    ),
                    proposals: static fn(): array => 'expander' === $shared
                        ? Repairs::of($inspection)->moveToBestPin($guard->function)
                        : OwnTransistor::remedies($inspection, $id, 'the guard'),
                );
            }
        }
    }

    /** What both hang on; empty for nothing. */
    private static function shared(Board $board, Actuator $guard, Actuator $guarded): string
    {
        [$one, $other] = [$guard->driver, $guarded->driver];
        $expanders = array_map(
            static fn(Actuator $of): string => self::expanderOf($board, $of->function),
            [$guard, $guarded],
        );

        return match (true) {
            $one instanceof ArrayChannel && $other instanceof ArrayChannel && $one->package === $other->package => 'driver package',
            null !== $board->moduleOf($one) && $board->moduleOf($one) === $board->moduleOf($other) => 'relay module',
            '' !== $expanders[0] && $expanders[0] === $expanders[1] => 'expander',
            default => '',
        };
    }

    /** The expander that a function sits on; empty where it sits on the controller or nowhere. */
    private static function expanderOf(Board $board, string $function): string
    {
        $pin = isset($board->seats[$function]) ? $board->controller()->pins[$board->seats[$function]->pin] : null;

        return $pin->expander ?? '';
    }
}
