<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

use IronLatch\Core\Wiring\Net;

/** A net, or what of it lies behind a terminal block, on one sheet. */
final class Strand
{
    /** It runs along the sheet as a bar, because many hang on it or because no one channel holds it. */
    public bool $isBar = false;
    /** @var list<array{Placed, Joint}> */
    public array $members = [];

    public function __construct(public readonly string $id, public readonly Net $net) {}

    /** Whether its bar lies at the foot of the sheet. */
    public function isAtFoot(): bool
    {
        return $this->net->kind->isReturn();
    }

    /** @return list<Placed> */
    public function parts(): array
    {
        return array_map(static fn(array $member): Placed => $member[0], $this->members);
    }
}
