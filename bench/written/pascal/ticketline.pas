program TicketLine;

{$mode objfpc}{$H+}

uses
  SysUtils, Classes;

type
  TFareKind = (fkAdult, fkChild, fkBike);

  TTicket = class
  private
    FKind: TFareKind;
    FSeats: Integer;
  public
    constructor Create(AKind: TFareKind; ASeats: Integer)⟪⟶;⟫
    function Price: Currency⟪⟶; virtual⟫;
    property Seats: Integer read ⟪FSeat⟶FSeats⟫;
  end;

  TReturnTicket = class(TTicket)
    function Price: Currency; override;
  end;

constructor TTicket.Create(AKind: TFareKind; ASeats: Integer);
begin
  FKind := AKind;
  FSeats := ASeats;
end;

function ⟪Price⟶TTicket.Price⟫: Currency;
begin
  case FKind of
    fkAdult: Result := 4.5 * FSeats;
    fkChild: Result := 2 * FSeats;
    fkBike⟪;⟶:⟫ Result := 1.25 * FSeats;
  else
    Result := 0;
  end;
end;

function TReturnTicket.Price: Currency;
begin
  Result := inherited Price * 1.8;
end;

var
  Tickets: TList;
  T: TTicket;
  I: Integer;
  Sum: Currency;
begin
  Tickets := TList.Create;
  Tickets.Add(TTicket.Create(fkAdult, 2));
  Tickets.Add(TReturnTicket.Create(fkChild⟪⟶, 3⟫));
  Tickets.Add(TTicket.Create(⟪FKBikes⟶fkBike⟫, 1));
  Sum := 0;
  for I := 0 to Tickets.Count - 1 ⟪⟶do⟫
  begin
    T := TTicket(Tickets[I]);
    Sum := Sum + T.Price;
    WriteLn(⟪I⟶IntToStr(I)⟫ + ': ' + CurrToStr(T.Price));
  end;
  WriteLn('sum ' ⟪⟶+⟶,⟫ CurrToStr(Sum));
  Tickets.Free;
end.
