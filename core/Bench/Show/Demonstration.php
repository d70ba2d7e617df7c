<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

use IronLatch\Core\Review\Inspection;

/** Shows what some kinds of findings lead to. */
interface Demonstration
{
    /**
     * @return list<string> ids of the rules that it shows
     */
    public static function rules(): array;

    /**
     * @param string $rule id of the finding’s rule
     * @param string $subject id of what it is about
     * @return ?Situation null where this very finding has nothing to see
     */
    public function situation(Inspection $inspection, string $rule, string $subject): ?Situation;
}
