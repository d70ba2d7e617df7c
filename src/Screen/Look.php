<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Report;
use IronLatch\Storage\OpenBoard;
use Symfony\Component\HttpFoundation\Request;

/** What a screen is drawn from: one board as it was inspected, what is opened on it, and what was asked. */
final readonly class Look
{
    /**
     * @param string $open what is opened in the view: “L1.driver” on Lines, a function on Pins, a finding’s key
     */
    public function __construct(
        public OpenBoard $opened,
        public Inspection $inspection,
        public Report $report,
        public string $open,
        public Request $request,
    ) {}
}
