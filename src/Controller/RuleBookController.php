<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Every check with its reason, threshold and source, straight from the rules. */
final class RuleBookController extends AbstractController
{
    #[Route('/rule-book', name: 'rule_book', methods: ['GET'])]
    public function show(): Response
    {
        $rules = [];
        foreach (Stage::cases() as $stage) {
            $rules[$stage->value] = array_filter(
                array_map(static fn(Rule $rule): RuleFacts => $rule->facts(), RuleBook::rules()),
                static fn(RuleFacts $facts): bool => $facts->stage === $stage,
            );
        }

        return $this->render(
            'rule_book/page.html.twig',
            // The bench has a latch and no rule.
            [
                'rules' => array_filter($rules, static fn(array $own): bool => [] !== $own),
                'missing' => RuleBook::missingChecks(),
                'version' => RuleBook::VERSION,
            ],
        );
    }
}
