<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;

/** An edit that repairs a finding. Remedies of the same title on several findings can be made at once. */
final readonly class Remedy
{
    public function __construct(public string $title, public Edit $edit) {}

    public function nature(): Nature
    {
        return Nature::of($this->edit);
    }
}
