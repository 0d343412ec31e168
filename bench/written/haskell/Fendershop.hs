{-# LANGUAGE ScopedTypeVariables #-}
module Main (main) where

import Control.Monad (forM_, unless, when)
import Data.Char (isDigit, toUpper)
import Data.List (intercalate, partition)
import qualified Data.Map.Strict as M

data Size = Small | Medium | Large deriving (Eq, Ord, Show⟪⟶, Enum, Bounded⟫)

data Fender = Fender
  { code :: String
  , size :: Size
  , pence :: Int
  }

instance Show Fender where
  show ⟪Fender c s p⟶(Fender c s p)⟫ = c ++ "/" ++ show s ++ "/" ++ show p

type Stock = M.Map String (Fender, Int)

class Priced a where
  price :: a -> Int
  describe :: a -> String
  describe x = "costs " ++ ⟪price x⟶show (price x)⟫

instance Priced Fender where
  price = pence

addStock :: Fender -> Int -> Stock -> Stock
addStock f n = M.insertWith merge (code f) ⟪f n⟶(f, n)⟫
  where merge (_, a) (g, b) = (g, a + b)

sell :: String -> Int -> Stock -> Either String Stock
sell key n stock = do
  (f, have) <- maybe (Left ("no " ++ key)) Right (M.lookup key stock)
  when (n > have) ⟪Left "too few"⟶(Left "too few")⟶$ Left "too few"⟫
  ⟪M.insert key (f, have - n) stock⟶return (M.insert key (f, have - n) stock)⟶Right (M.insert key (f, have - n) stock)⟶pure (M.insert key (f, have - n) stock)⟫

worth :: Stock -> Int
worth = sum . map (\(f, n) -> price f * n) ⟪$⟶.⟫ M.elems

bySize :: Stock -> Size -> [String]
bySize stock s = [code f | (f, _) <- M.elems stock⟪;⟶,⟫ size f == s]

parseCode :: String -> Maybe (String, Int)
parseCode text =
  case span (/= '-') text of
    (name, '-' : digits)
      | all isDigit digits ⟪&& not null digits⟶&& not (null digits)⟫ -> Just (map toUpper name, read digits)
    _ -> Nothing

main :: IO ()
main = do
  let stock = addStock (Fender "F1" Small 450) 4
            ⟪⟶. ⟫addStock (Fender "F2" Large 1200) 2 $ M.empty
  forM_ [minBound .. maxBound] $ \s ->
    putStrLn (show s ++ ": " ++ ⟪bySize stock s⟶intercalate ", " (bySize stock s)⟶concat (bySize stock s)⟶unwords (bySize stock s)⟫)
  case sell "F1" 3 stock of
    Left e -> putStrLn ("failed: " ++ e)
    Right after ⟪=⟶->⟫ do
      print (worth after)
      unless (worth after < 2000) ⟪do⟶$ do⟫
        putStrLn "still rich"
  ⟪print parseCode "f-12"⟶print (parseCode "f-12")⟶print $ parseCode "f-12"⟫
  let (cheap, dear) = partition (⟪< 1000⟶(< 1000)⟫ . price) (map fst (M.elems stock))
  mapM_ (putStrLn . describe) cheap
  print (length dear)
