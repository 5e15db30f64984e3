import { Printer } from 'lucide-react';
import { Button } from '../ui/button.js';

/** On paper everything is as large as on the model, to be held beside it at the bench. */
export const PrintButton = () => (
  <Button
    onClick={() => {
      window.print();
    }}
  >
    <Printer size={16} aria-hidden="true" /> Print at true size
  </Button>
);
