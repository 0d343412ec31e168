module Main (main) where

import Data.Maybe (fromMaybe)
import Text.Read (readMaybe)

data Ticket = Ticket { owner :: String, seats :: Int }

instance Show Ticket where
  show (Ticket o s) = o ++ " x" ++ ⟪s⟶show s⟫

class Priced a where
  price :: a -> Double

instance Priced Ticket where
  price t ⟪⟶= ⟫fromIntegral (seats t) * 4.5

data Queue a = Empty | Cons a (Queue a)

push :: a -> Queue a -> Queue a
push x Empty = Cons x Empty
push x (Cons y rest⟪⟶)⟫ = Cons y (push x rest)

toList :: Queue a -> ⟪List a⟶[a]⟫
toList Empty = []
toList ⟪Cons x rest⟶(Cons x rest)⟫ = x : toList rest

parse :: String -> Maybe Ticket
parse line = case words line of
  [o, n] -> do
    k <- readMaybe n
    ⟪Ticket o k⟶return (Ticket o k)⟶Just (Ticket o k)⟶pure (Ticket o k)⟶≡return $ Ticket o k⟶≡Just $ Ticket o k⟶≡pure $ Ticket o k⟫
  _ -> Nothing

total :: [Ticket] -> Double
total [] = 0
total (t ⟪⟶: ⟫ts) = price t + total ts

main :: IO ()
main = do
  let inputs = ["ann 2", "bo x", "cy 3"]
      tickets = [t | Just t <- map parse inputs]
      queue = foldr push Empty tickets
  mapM_ print (toList queue)
  if length tickets > 1
    then putStrLn "queue"
    ⟪otherwise⟶else⟫ putStrLn "short"
  let sum = total tickets
  putStrLn ⟪"total " ++ show sum⟶("total " ++ show sum)⟶≡$ "total " ++ show sum⟫
