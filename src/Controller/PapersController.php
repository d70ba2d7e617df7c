<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Core\Build\Currency;
use IronLatch\Core\Quantity\NotAQuantity;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Storage\ShelfPapers;
use IronLatch\View\Notice;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What lies beside the boards: prices, the drawer, the currency. */
final class PapersController extends AbstractController
{
    public function __construct(private readonly ShelfPapers $papers) {}

    #[Route('/prices', name: 'papers', methods: ['GET'])]
    public function show(): Response
    {
        return $this->page(null, [], 200);
    }

    #[Route('/prices', name: 'papers_keep', methods: ['POST'])]
    public function keep(Request $request): Response
    {
        $name = $request->request->getString('paper');
        $file = $request->files->get('file');
        $text = $file instanceof UploadedFile && $file->isValid() ? $file->getContent() : $request->request->getString('text');
        if (!in_array($name, [ShelfPapers::PRICES, ShelfPapers::DRAWER], true)) {
            return $this->page(Notice::refused('This form names no paper. Load the page again.'), [], 422);
        }
        try {
            $this->papers->keep($name, $text);
        } catch (\InvalidArgumentException $fault) {
            return $this->page(Notice::refused($fault->getMessage()), [$name => $text], 422);
        }

        return $this->redirectToRoute('papers', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/prices/currency', name: 'papers_currency', methods: ['POST'])]
    public function currency(Request $request): Response
    {
        $sign = trim($request->request->getString('sign'));
        $rate = trim($request->request->getString('rate'));
        try {
            $this->papers->countIn(new Currency($sign, '€' === $sign ? 1.0 : QuantityParser::parse($rate, Unit::Ratio)));
        } catch (\InvalidArgumentException|NotAQuantity $fault) {
            $words = $fault instanceof NotAQuantity
                ? 'Write how much of it goes for one euro as a number, such as 0.86.'
                : $fault->getMessage();

            return $this->page(Notice::refused($words), ['sign' => $sign, 'rate' => $rate], 422);
        }

        return $this->redirectToRoute('papers', [], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param array<string, string> $typed what was refused, so that nothing is lost
     */
    private function page(?Notice $notice, array $typed, int $status): Response
    {
        $currency = $this->papers->currency();

        return $this->render('papers/page.html.twig', [
            'notice' => $notice,
            'prices' => $typed[ShelfPapers::PRICES] ?? $this->papers->text(ShelfPapers::PRICES),
            'drawer' => $typed[ShelfPapers::DRAWER] ?? $this->papers->text(ShelfPapers::DRAWER),
            'sign' => $typed['sign'] ?? $currency->sign,
            'rate' => $typed['rate'] ?? (string) $currency->perEuro,
            'priced' => count($this->papers->prices()->prices),
            'kept' => count($this->papers->drawer()->counts),
        ], new Response('', $status));
    }
}
