<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Reckon\Reckoner;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The calculations by themselves, each with units, working and source. */
final class ReckonerController extends AbstractController
{
    #[Route('/reckoner', name: 'reckoner', methods: ['GET'])]
    public function show(): Response
    {
        $cards = [];
        foreach (Reckoner::all() as $kind => $calculation) {
            $cards[$kind] = ['calculation' => $calculation, 'written' => [], 'figures' => $calculation->reckon([]), 'fault' => ''];
        }

        return $this->render('reckoner/page.html.twig', ['cards' => $cards]);
    }

    /** One calculation: the whole page without scripts, its card alone for htmx. */
    #[Route('/reckoner/{kind}', name: 'reckoner_one', requirements: ['kind' => '[a-z0-9-]{2,30}'], methods: ['GET'])]
    public function reckon(Request $request, string $kind): Response
    {
        $calculation = Reckoner::all()[$kind] ?? throw $this->createNotFoundException('There is no such calculation.');
        $written = array_filter(
            $request->query->all(),
            static fn(mixed $value, int|string $name): bool => is_string($value) && isset($calculation->inputs[$name]),
            ARRAY_FILTER_USE_BOTH,
        );
        $fault = '';
        $figures = [];
        try {
            $figures = $calculation->reckon($written);
        } catch (\InvalidArgumentException $refused) {
            $fault = $refused->getMessage();
        }
        $card = ['calculation' => $calculation, 'written' => $written, 'figures' => $figures, 'fault' => $fault];
        $status = '' === $fault ? 200 : 422;

        return $request->headers->has('HX-Request')
            ? $this->render('reckoner/_card.html.twig', ['kind' => $kind, 'card' => $card], new Response(status: $status))
            : $this->render('reckoner/page.html.twig', ['cards' => [$kind => $card]], new Response(status: $status));
    }
}
