with Ada.Text_IO; use Ada.Text_IO;

procedure Signals is
   type Light is (Red, Amber, Green);

   function Meaning (Shown : Light) return String is
   begin
      case Shown is
         when Red => return "stay at the quay";
         when Amber => return "get ready";
         when Green => return "sail";
      end case;
   end Meaning;
begin
   for Shown in Light loop
      Put_Line (Light'Image (Shown) & ": " & Meaning (Shown));
   end loop;
end Signals;
